package org.livelyladle.server.party;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface RecordedEventRepository extends JpaRepository<RecordedEvent, RecordedEvent.Key> {
    @Query("select e from RecordedEvent e where e.key.partyId = :party order by e.place")
    List<RecordedEvent> inOrder(UUID party);
}
