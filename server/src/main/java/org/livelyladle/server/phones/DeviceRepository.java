package org.livelyladle.server.phones;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface DeviceRepository extends JpaRepository<Device, UUID> {
    @Query("select d from Device d where d.tokenHash = :hash and d.revokedAt is null")
    Optional<Device> byToken(byte[] hash);

    @Query("select d from Device d where d.partyId = :party and d.revokedAt is null order by d.pairedAt, d.id")
    List<Device> of(UUID party);

    /** Whose a device was; it gets in no more. */
    @Modifying
    @Query(
            value = "update device set person = null, revoked_at = coalesce(revoked_at, :now)"
                    + " where party_id = :party and person = :guest",
            nativeQuery = true)
    void forget(UUID party, String guest, Instant now);

    @Query("select d from Device d where d.invitationId = :invitation order by d.pairedAt, d.id")
    List<Device> ofInvitation(UUID invitation);

    @Query(
            "select d from Device d where d.hostId = :host and d.partyId is null and d.revokedAt is null order by d.pairedAt, d.id")
    List<Device> ofHost(UUID host);
}
