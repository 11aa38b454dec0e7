package org.livelyladle.server.party;

import jakarta.persistence.LockModeType;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

/** Every query names the household: nobody reaches another's party. */
interface PartyRepository extends JpaRepository<Party, UUID> {
    @Query("select p from Party p where p.householdId = :household and p.deletedAt is null order by p.sitDown, p.id")
    List<Party> present(UUID household);

    @Query("select p from Party p where p.id = :id and p.householdId = :household and p.deletedAt is null")
    Optional<Party> find(UUID id, UUID household);

    /** Of all there are, deleted ones too. */
    @Query("select p.id from Party p where p.householdId = :household order by p.id")
    List<UUID> ids(UUID household);

    @Query("select p from Party p where p.id = :id and p.householdId = :household")
    Optional<Party> findEvenDeleted(UUID id, UUID household);

    /** Those that were made last. */
    @Query(
            "select p from Party p where p.householdId = :household and p.deletedAt is null order by p.createdAt desc, p.id")
    List<Party> lastOnes(UUID household, Limit most);

    /** For a change: other changes of the same party wait. A deleted one is not changed any more. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select p from Party p where p.id = :id and p.householdId = :household and p.deletedAt is null")
    Optional<Party> lock(UUID id, UUID household);

    /** Deleted or not, to bring it back. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select p from Party p where p.id = :id and p.householdId = :household")
    Optional<Party> lockEvenDeleted(UUID id, UUID household);
}
