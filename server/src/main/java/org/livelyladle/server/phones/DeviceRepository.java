package org.livelyladle.server.phones;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface DeviceRepository extends JpaRepository<Device, UUID> {
    @Query("select d from Device d where d.tokenHash = :hash and d.revokedAt is null")
    Optional<Device> byToken(byte[] hash);

    @Query("select d from Device d where d.partyId = :party and d.revokedAt is null order by d.pairedAt, d.id")
    List<Device> of(UUID party);

    @Query("select d from Device d where d.invitationId = :invitation order by d.pairedAt, d.id")
    List<Device> ofInvitation(UUID invitation);

    @Query(
            "select d from Device d where d.hostId = :host and d.partyId is null and d.revokedAt is null order by d.pairedAt, d.id")
    List<Device> ofHost(UUID host);
}
