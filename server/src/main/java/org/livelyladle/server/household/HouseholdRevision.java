package org.livelyladle.server.household;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EmbeddedId;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.io.Serializable;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** What a household kept, as it was saved once; never changed. */
@Entity
@Table(name = "household_revision")
class HouseholdRevision {
    /** A household's n-th revision, from 1. */
    @Embeddable
    record Key(
            @Column(name = "household_id") UUID householdId,
            @Column(name = "number") int number) implements Serializable {}

    @EmbeddedId
    private Key key;

    @JdbcTypeCode(SqlTypes.JSON)
    @Column(nullable = false)
    private String document;

    @Column(name = "saved_by", nullable = false)
    private UUID savedBy;

    @Column(name = "saved_at", nullable = false)
    private Instant savedAt;

    protected HouseholdRevision() {}

    HouseholdRevision(Key key, String document, UUID savedBy, Instant savedAt) {
        this.key = key;
        this.document = document;
        this.savedBy = savedBy;
        this.savedAt = savedAt;
    }

    int number() {
        return key.number();
    }

    String document() {
        return document;
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof HouseholdRevision revision && revision.key.equals(key);
    }

    @Override
    public int hashCode() {
        return key.hashCode();
    }
}
