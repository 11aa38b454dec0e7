package org.livelyladle.server.phones;

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

/** What a guest said of themselves before the evening. */
@Entity
@Table(name = "guest_answer")
class SaidAnswer {
    /** Each guest has one at a party. */
    @Embeddable
    record Key(@Column(name = "party_id") UUID party, String guest) implements Serializable {}

    @EmbeddedId
    private Key key;

    @JdbcTypeCode(SqlTypes.JSON)
    @Column(nullable = false)
    private String answer;

    @Column(name = "said_at", nullable = false)
    private Instant saidAt;

    protected SaidAnswer() {}

    SaidAnswer(Key key, String answer, Instant saidAt) {
        this.key = key;
        this.answer = answer;
        this.saidAt = saidAt;
    }

    String guest() {
        return key.guest();
    }

    String answer() {
        return answer;
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof SaidAnswer answer && answer.key.equals(key);
    }

    @Override
    public int hashCode() {
        return key.hashCode();
    }
}
