package org.livelyladle.server.party;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface RecordedEventRepository extends JpaRepository<RecordedEvent, RecordedEvent.Key> {
    String CHANNEL = "ladle_party";

    @Query("select e from RecordedEvent e where e.key.partyId = :party and e.number > :after order by e.number")
    List<RecordedEvent> after(UUID party, long after);

    @Query("select coalesce(max(e.number), 0) from RecordedEvent e where e.key.partyId = :party")
    long last(UUID party);

    /** Before a party is put in anew; what was read of it is not held on to. */
    @Modifying(flushAutomatically = true, clearAutomatically = true)
    @Query("delete from RecordedEvent e where e.key.partyId = :party")
    void forget(UUID party);

    /** Told to every server on this database once the transaction is committed. */
    @Query(value = "select cast(pg_notify('" + CHANNEL + "', :party) as text)", nativeQuery = true)
    String announce(String party);
}
