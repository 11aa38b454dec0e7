package org.livelyladle.server.access;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;

/** The owner of parties; hosts belong to one. */
@Entity
@Table(name = "household")
class Household {
    @Id
    private UUID id;

    @Column(nullable = false)
    private String name;

    @Column(name = "created_at", nullable = false)
    private Instant createdAt;

    protected Household() {}

    Household(UUID id, String name, Instant createdAt) {
        this.id = id;
        this.name = name;
        this.createdAt = createdAt;
    }

    UUID id() {
        return id;
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Household household && household.id.equals(id);
    }

    @Override
    public int hashCode() {
        return id.hashCode();
    }
}
