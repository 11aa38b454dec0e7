package org.livelyladle.server.party;

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

/** A brief as it was saved once; never changed. */
@Entity
@Table(name = "brief_revision")
class BriefRevision {
    /** A party's n-th revision, from 1. */
    @Embeddable
    record Key(
            @Column(name = "party_id") UUID partyId,
            @Column(name = "number") int number) implements Serializable {}

    @EmbeddedId
    private Key key;

    @JdbcTypeCode(SqlTypes.JSON)
    @Column(nullable = false)
    private String brief;

    @Column(name = "saved_by", nullable = false)
    private UUID savedBy;

    @Column(name = "saved_at", nullable = false)
    private Instant savedAt;

    protected BriefRevision() {}

    BriefRevision(Key key, String brief, UUID savedBy, Instant savedAt) {
        this.key = key;
        this.brief = brief;
        this.savedBy = savedBy;
        this.savedAt = savedAt;
    }

    Instant savedAt() {
        return savedAt;
    }

    String brief() {
        return brief;
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof BriefRevision revision && revision.key.equals(key);
    }

    @Override
    public int hashCode() {
        return key.hashCode();
    }
}
