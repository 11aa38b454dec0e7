package org.livelyladle.server.afterwards;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** The journal of a party as it stands. */
@Entity
@Table(name = "journal")
class KeptJournal {
    @Id
    @Column(name = "party_id")
    private UUID party;

    @Column(nullable = false)
    private int revision;

    @JdbcTypeCode(SqlTypes.JSON)
    @Column(nullable = false)
    private String document;

    @Column(name = "saved_at", nullable = false)
    private Instant savedAt;

    protected KeptJournal() {}

    KeptJournal(UUID party, int revision, String document, Instant savedAt) {
        this.party = party;
        this.revision = revision;
        this.document = document;
        this.savedAt = savedAt;
    }

    UUID party() {
        return party;
    }

    int revision() {
        return revision;
    }

    String document() {
        return document;
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof KeptJournal journal && journal.party.equals(party);
    }

    @Override
    public int hashCode() {
        return party.hashCode();
    }
}
