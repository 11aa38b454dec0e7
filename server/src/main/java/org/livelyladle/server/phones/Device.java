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

/** A device that was paired. */
@Entity
@Table(name = "device")
class Device {
    @Id
    private UUID id;

    @Column(name = "host_id", nullable = false)
    private UUID hostId;

    @Enumerated(EnumType.STRING)
    @Column(nullable = false)
    private Role role;

    @Column(nullable = false)
    private String kind;

    @Column(name = "party_id")
    private @Nullable UUID partyId;

    @Column(name = "invitation_id")
    private @Nullable UUID invitationId;

    private @Nullable String person;

    @Column(name = "token_hash", nullable = false)
    private byte[] tokenHash;

    @Column(name = "paired_at", nullable = false)
    private Instant pairedAt;

    @Column(name = "seen_at", nullable = false)
    private Instant seenAt;

    @Column(name = "revoked_at")
    private @Nullable Instant revokedAt;

    protected Device() {}

    private Device(UUID hostId, Role role, String kind, byte[] tokenHash, Instant at) {
        this.id = UUID.randomUUID();
        this.hostId = hostId;
        this.role = role;
        this.kind = kind;
        this.tokenHash = tokenHash;
        this.pairedAt = at;
        this.seenAt = at;
    }

    /** A further device of the host. */
    static Device of(UUID host, String kind, byte[] tokenHash, Instant at) {
        return new Device(host, Role.HOST, kind, tokenHash, at);
    }

    /** A phone that came by an invitation. */
    static Device of(Invitation invitation, String kind, byte[] tokenHash, Instant at) {
        Device device = new Device(invitation.invitedBy(), invitation.role(), kind, tokenHash, at);
        device.partyId = invitation.partyId();
        device.invitationId = invitation.id();
        device.person = invitation.person();
        return device;
    }

    UUID id() {
        return id;
    }

    UUID hostId() {
        return hostId;
    }

    Role role() {
        return role;
    }

    String kind() {
        return kind;
    }

    @Nullable
    UUID partyId() {
        return partyId;
    }

    @Nullable
    UUID invitationId() {
        return invitationId;
    }

    @Nullable
    String person() {
        return person;
    }

    Instant pairedAt() {
        return pairedAt;
    }

    Instant seenAt() {
        return seenAt;
    }

    boolean isRevoked() {
        return revokedAt != null;
    }

    void seen(Instant at) {
        seenAt = at;
    }

    void sit(@Nullable String at) {
        person = at;
    }

    void revoke(Instant at) {
        revokedAt = at;
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Device device && device.id.equals(id);
    }

    @Override
    public int hashCode() {
        return id.hashCode();
    }
}
