package org.livelyladle.server.party;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface BriefRevisionRepository extends JpaRepository<BriefRevision, BriefRevision.Key> {
    @Query("select r from BriefRevision r where r.key.partyId = :party order by r.key.number")
    List<BriefRevision> of(UUID party);

    /** Before a party is put in anew; what was read of it is not held on to. */
    @Modifying(flushAutomatically = true, clearAutomatically = true)
    @Query("delete from BriefRevision r where r.key.partyId = :party")
    void forget(UUID party);
}
