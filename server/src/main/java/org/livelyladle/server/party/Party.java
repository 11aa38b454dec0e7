package org.livelyladle.server.party;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.brief.Brief;

/** A party of a household; what the host said about it stands in its newest {@link BriefRevision}. */
@Entity
@Table(name = "party")
class Party {
    @Id
    private UUID id;

    @Column(name = "household_id", nullable = false)
    private UUID householdId;

    @Column(nullable = false)
    private String title;

    @Column(name = "sit_down", nullable = false)
    private Instant sitDown;

    @Column(nullable = false)
    private int revision;

    /** Of the household's document, when something of it was last taken over. */
    @Column(name = "household_revision", nullable = false)
    private int householdRevision;

    @Column(name = "created_at", nullable = false)
    private Instant createdAt;

    @Column(name = "deleted_at")
    private @Nullable Instant deletedAt;

    @Version
    private int version;

    protected Party() {}

    Party(UUID id, UUID householdId, Brief brief, int householdRevision, Instant createdAt) {
        this(id, householdId, householdRevision, createdAt);
        revise(brief);
    }

    /** One of which no revision is there yet. */
    Party(UUID id, UUID householdId, int householdRevision, Instant createdAt) {
        this.id = id;
        this.householdId = householdId;
        this.householdRevision = householdRevision;
        this.createdAt = createdAt;
    }

    /** Takes over the next revision's title and date. */
    final int revise(Brief brief) {
        title = brief.title();
        sitDown = brief.sitDown().atZone(brief.zoneId()).toInstant();
        return ++revision;
    }

    UUID id() {
        return id;
    }

    String title() {
        return title;
    }

    int revision() {
        return revision;
    }

    int householdRevision() {
        return householdRevision;
    }

    void seeHousehold(int revision) {
        householdRevision = revision;
    }

    void deleteAt(Instant at) {
        deletedAt = at;
    }

    /** As it was taken out once: its revisions follow those there were, so that no number ever means two of them. */
    void putBack(Brief newest, int revisions, int household, Instant created, @Nullable Instant deleted) {
        int before = revision;
        revise(newest);
        revision = before + revisions;
        householdRevision = household;
        createdAt = created;
        deletedAt = deleted;
    }

    Instant createdAt() {
        return createdAt;
    }

    @Nullable
    Instant deletedAt() {
        return deletedAt;
    }

    void restore() {
        deletedAt = null;
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Party party && party.id.equals(id);
    }

    @Override
    public int hashCode() {
        return id.hashCode();
    }
}
