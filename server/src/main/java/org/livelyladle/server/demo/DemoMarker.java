package org.livelyladle.server.demo;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;

/** Remembers that a household has had the demo parties. */
@Entity
@Table(name = "demo_marker")
class DemoMarker {
    @Id
    @Column(name = "household_id")
    private UUID householdId;

    @Column(name = "loaded_at", nullable = false)
    private Instant loadedAt;

    protected DemoMarker() {}

    DemoMarker(UUID householdId, Instant loadedAt) {
        this.householdId = householdId;
        this.loadedAt = loadedAt;
    }
}
