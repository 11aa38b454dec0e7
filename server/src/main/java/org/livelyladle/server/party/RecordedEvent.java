package org.livelyladle.server.party;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.Generated;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** An event of a party under the id its device gave it; append-only. */
@Entity
@Table(name = "party_event")
class RecordedEvent {
    @Id
    private UUID id;

    @Column(name = "party_id", nullable = false)
    private UUID partyId;

    @Generated
    @Column(insertable = false, updatable = false)
    private long place;

    @JdbcTypeCode(SqlTypes.JSON)
    @Column(nullable = false)
    private String body;

    @Column(name = "recorded_by", nullable = false)
    private UUID recordedBy;

    @Column(name = "recorded_at", nullable = false)
    private Instant recordedAt;

    protected RecordedEvent() {}

    RecordedEvent(UUID id, UUID partyId, String body, UUID recordedBy, Instant recordedAt) {
        this.id = id;
        this.partyId = partyId;
        this.body = body;
        this.recordedBy = recordedBy;
        this.recordedAt = recordedAt;
    }

    String body() {
        return body;
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof RecordedEvent event && event.id.equals(id);
    }

    @Override
    public int hashCode() {
        return id.hashCode();
    }
}
