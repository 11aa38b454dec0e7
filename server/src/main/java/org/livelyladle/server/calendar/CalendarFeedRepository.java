package org.livelyladle.server.calendar;

import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface CalendarFeedRepository extends JpaRepository<CalendarFeed, UUID> {
    Optional<CalendarFeed> findByToken(String token);
}
