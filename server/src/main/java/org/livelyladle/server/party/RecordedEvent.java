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
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Persistable;

/** An event of a party under the id its device gave it; append-only. */
@Entity
@Table(name = "party_event")
class RecordedEvent implements Persistable<RecordedEvent.Key> {
    /** The id its device gave it, within its party. */
    @Embeddable
    record Key(
            @Column(name = "party_id") UUID partyId,
            @Column(name = "id") UUID id) implements Serializable {}

    @EmbeddedId
    private Key key;

    /** Given by the database, from 1 within a party. */
    @Column(insertable = false, updatable = false)
    private long number;

    @JdbcTypeCode(SqlTypes.JSON)
    @Column(nullable = false)
    private String body;

    @Column(name = "recorded_by", nullable = false)
    private UUID recordedBy;

    @Column(name = "device_id")
    private @Nullable UUID device;

    @Column(name = "recorded_at", nullable = false)
    private Instant recordedAt;

    protected RecordedEvent() {}

    RecordedEvent(Key key, String body, UUID recordedBy, @Nullable UUID device, Instant recordedAt) {
        this.key = key;
        this.body = body;
        this.recordedBy = recordedBy;
        this.device = device;
        this.recordedAt = recordedAt;
    }

    @Override
    public Key getId() {
        return key;
    }

    /** Never changed, so whatever is saved is new. */
    @Override
    public boolean isNew() {
        return true;
    }

    long number() {
        return number;
    }

    String body() {
        return body;
    }

    /** The phone that told of it; null where the host did. */
    @Nullable
    UUID device() {
        return device;
    }

    Instant recordedAt() {
        return recordedAt;
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof RecordedEvent event && event.key.equals(key);
    }

    @Override
    public int hashCode() {
        return key.hashCode();
    }
}
