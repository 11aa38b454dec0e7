package org.livelyladle.server.phones;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.livelyladle.server.access.Role;

/** Lets a phone come to one party: somebody's own once, or that of the table, at which each takes a place. */
@Entity
@Table(name = "invitation")
class Invitation {
    @Id
    private UUID id;

    @Column(name = "party_id", nullable = false)
    private UUID partyId;

    @Column(name = "invited_by", nullable = false)
    private UUID invitedBy;

    @Enumerated(EnumType.STRING)
    @Column(nullable = false)
    private Role role;

    private @Nullable String person;

    @Column(name = "secret_hash", nullable = false)
    private byte[] secretHash;

    @Column(name = "created_at", nullable = false)
    private Instant createdAt;

    @Column(name = "revoked_at")
    private @Nullable Instant revokedAt;

    protected Invitation() {}

    Invitation(UUID id, UUID partyId, UUID invitedBy, Role role, @Nullable String person, byte[] hash, Instant at) {
        this.id = id;
        this.partyId = partyId;
        this.invitedBy = invitedBy;
        this.role = role;
        this.person = person;
        this.secretHash = hash;
        this.createdAt = at;
    }

    UUID id() {
        return id;
    }

    UUID partyId() {
        return partyId;
    }

    UUID invitedBy() {
        return invitedBy;
    }

    Role role() {
        return role;
    }

    /** Whose it is; null for that of the table. */
    @Nullable
    String person() {
        return person;
    }

    Instant createdAt() {
        return createdAt;
    }

    boolean isRevoked() {
        return revokedAt != null;
    }

    void revoke(Instant at) {
        revokedAt = at;
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Invitation invitation && invitation.id.equals(id);
    }

    @Override
    public int hashCode() {
        return id.hashCode();
    }
}
