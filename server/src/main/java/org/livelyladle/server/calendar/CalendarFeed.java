package org.livelyladle.server.calendar;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import org.livelyladle.server.access.SignedIn;

/** The secret address of a party's calendar. */
@Entity
@Table(name = "calendar_feed")
class CalendarFeed {
    @Id
    @Column(name = "party_id")
    private UUID partyId;

    @Column(nullable = false)
    private String token;

    @Column(name = "household_id", nullable = false)
    private UUID householdId;

    @Column(name = "host_id", nullable = false)
    private UUID hostId;

    @Column(name = "created_at", nullable = false)
    private Instant createdAt;

    protected CalendarFeed() {}

    CalendarFeed(UUID partyId, String token, SignedIn host, Instant createdAt) {
        this.partyId = partyId;
        this.token = token;
        this.householdId = host.household();
        this.hostId = host.host();
        this.createdAt = createdAt;
    }

    UUID partyId() {
        return partyId;
    }

    String token() {
        return token;
    }

    /** On whose behalf the party is read. */
    SignedIn reader() {
        return new SignedIn(hostId, householdId, "calendar");
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof CalendarFeed feed && feed.partyId.equals(partyId);
    }

    @Override
    public int hashCode() {
        return partyId.hashCode();
    }
}
