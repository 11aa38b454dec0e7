package org.livelyladle.server.afterwards;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface KeptJournalRepository extends JpaRepository<KeptJournal, UUID> {
    /** Of parties that are not deleted. */
    @Query(
            value = "select j.* from journal j join party p on p.id = j.party_id"
                    + " where p.household_id = :household and p.deleted_at is null order by p.sit_down, p.id",
            nativeQuery = true)
    List<KeptJournal> of(UUID household);

    /** For a change: other changes of the same party's journal wait. */
    @Query(value = "select id from party where id = :party for update", nativeQuery = true)
    UUID lock(UUID party);
}
