package org.livelyladle.server.party;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.afterwards.Journal;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.check.Check;
import org.livelyladle.core.check.InvalidInputException;
import org.livelyladle.core.facts.PartyEvent;

/**
 * All that is kept of a party: each brief as it was saved, what happened, what came of it.
 *
 * @param format always {@value #FORMAT}
 * @param formatVersion always {@value #VERSION}
 * @param deletedAt null for a party that is there
 * @param revisions from the first to the newest
 * @param events in the order in which they were recorded
 * @param journal null where nobody has said anything of it
 */
public record PartyHistory(
        String format,
        int formatVersion,
        UUID id,
        Instant createdAt,
        @Nullable Instant deletedAt,
        List<Saved> revisions,
        List<Recorded> events,
        @Nullable Journal journal) {
    public static final String FORMAT = "lively-ladle/party-history";
    public static final int VERSION = 1;
    private static final int MOST = 1_000_000;

    /** A brief, and when it was saved. */
    public record Saved(Instant savedAt, Brief brief) {
        public Saved {
            Check.present(savedAt, "savedAt");
            Check.present(brief, "brief");
        }
    }

    /** An event, and when it was heard of. */
    public record Recorded(Instant recordedAt, PartyEvent event) {
        public Recorded {
            Check.present(recordedAt, "recordedAt");
            Check.present(event, "event");
        }
    }

    public PartyHistory {
        if (!FORMAT.equals(format)) {
            throw new InvalidInputException("format", String.valueOf(format), "'" + FORMAT + "'");
        }
        Check.range(formatVersion, "formatVersion", VERSION, VERSION);
        Check.present(id, "id");
        Check.present(createdAt, "createdAt");
        revisions = Check.list(revisions, "revisions", MOST);
        if (revisions.isEmpty()) {
            throw new InvalidInputException("revisions", "none", "one at least");
        }
        events = Check.distinct(
                events, "events", MOST, recorded -> recorded.event().id());
    }

    /** The meal was over by then. */
    public boolean isOver(Instant now) {
        Brief brief = newest();
        return brief.sitDown()
                .plusMinutes(brief.mealMinutes())
                .atZone(brief.zoneId())
                .toInstant()
                .isBefore(now);
    }

    /** As it stands. */
    public Brief newest() {
        return revisions.get(revisions.size() - 1).brief();
    }
}
