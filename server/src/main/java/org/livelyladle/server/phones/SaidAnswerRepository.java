package org.livelyladle.server.phones;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface SaidAnswerRepository extends JpaRepository<SaidAnswer, SaidAnswer.Key> {
    @Query("select a from SaidAnswer a where a.key.party = :party order by a.saidAt, a.key.guest")
    List<SaidAnswer> of(UUID party);
}
