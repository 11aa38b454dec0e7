package org.livelyladle.server.phones;

import jakarta.persistence.LockModeType;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface InvitationRepository extends JpaRepository<Invitation, UUID> {
    /** Two phones with the same invitation come one after the other. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select i from Invitation i where i.secretHash = :hash")
    Optional<Invitation> lock(byte[] hash);

    /** Whom an invitation was for. */
    @Modifying
    @Query(
            value = "update invitation set person = null, revoked_at = coalesce(revoked_at, :now)"
                    + " where party_id = :party and person = :guest",
            nativeQuery = true)
    void forget(UUID party, String guest, Instant now);

    @Query("select i from Invitation i where i.partyId = :party and i.revokedAt is null order by i.createdAt, i.id")
    List<Invitation> of(UUID party);
}
