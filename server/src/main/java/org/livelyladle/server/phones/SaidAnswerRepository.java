package org.livelyladle.server.phones;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface SaidAnswerRepository extends JpaRepository<SaidAnswer, SaidAnswer.Key> {
    @Modifying
    @Query(
            value = "delete from guest_answer a using party p where p.id = a.party_id and p.sit_down < :before",
            nativeQuery = true)
    void forgetOlder(Instant before);

    @Modifying
    @Query("delete from SaidAnswer a where a.key.party = :party and a.key.guest = :guest")
    void forget(UUID party, String guest);

    @Query("select a from SaidAnswer a where a.key.party = :party order by a.saidAt, a.key.guest")
    List<SaidAnswer> of(UUID party);
}
