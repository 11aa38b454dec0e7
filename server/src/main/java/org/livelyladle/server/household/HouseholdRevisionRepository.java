package org.livelyladle.server.household;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface HouseholdRevisionRepository extends JpaRepository<HouseholdRevision, HouseholdRevision.Key> {
    @Query("select r from HouseholdRevision r where r.key.householdId = :household order by r.key.number desc limit 1")
    Optional<HouseholdRevision> newest(UUID household);

    @Query("select r from HouseholdRevision r where r.key.householdId = :household order by r.key.number")
    List<HouseholdRevision> of(UUID household);

    /** The only change of what was saved: somebody is taken out of it. */
    @Modifying
    @Query(
            value = "update household_revision set document = cast(:document as jsonb)"
                    + " where household_id = :household and number = :number",
            nativeQuery = true)
    void rewrite(UUID household, int number, String document);

    /** For a change: other changes of the same household wait. */
    @Query(value = "select id from household where id = :household for update", nativeQuery = true)
    UUID lock(UUID household);
}
