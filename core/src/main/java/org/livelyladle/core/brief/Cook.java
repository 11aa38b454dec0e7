package org.livelyladle.core.brief;

import java.time.Duration;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.Collection;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.catalogue.Skill;
import org.livelyladle.core.check.Check;
import org.livelyladle.core.check.InvalidInputException;
import org.livelyladle.core.check.Key;
import org.livelyladle.core.check.Usual;

/**
 * A pair of hands in the kitchen.
 *
 * @param helper gets only what is handed over; false when left out
 * @param skills what may be asked of this cook; everything when left out
 * @param from no earlier on any day, local time; {@link #USUAL_FROM} when left out
 * @param until no later on any day but the party's, local time; {@link #USUAL_UNTIL} when left out
 * @param busy when this cook is away; never when left out
 */
public record Cook(
        String id,
        String name,
        @Usual("false") boolean helper,
        @Key({}) @Nullable List<Skill> skills,
        @Usual("\"08:00\"") LocalTime from,
        @Usual("\"22:30\"") LocalTime until,
        @Usual("[]") List<Busy> busy) {
    /** Nobody is asked to begin before; memory. */
    public static final LocalTime USUAL_FROM = LocalTime.of(8, 0);

    /** Nobody is asked to go on after; memory. */
    public static final LocalTime USUAL_UNTIL = LocalTime.of(22, 30);

    private static final int MOST_BUSY = 300;

    public Cook {
        Check.id(id, "id");
        name = Check.text(name, "name", 40);
        skills = skills == null ? null : Check.distinct(skills, "skills", Skill.values().length, skill -> skill);
        Check.present(from, "from");
        if (!from.isBefore(Check.present(until, "until"))) {
            throw new InvalidInputException("until", until, "a time after " + from);
        }
        busy = Check.distinct(busy, "busy", MOST_BUSY, away -> away);
    }

    /** A cook who does everything at any time of the day. */
    public static Cook of(String id, String name) {
        return new Cook(id, name, false, null, USUAL_FROM, USUAL_UNTIL, List.of());
    }

    /** Away from one local time of the party's zone until another. */
    public record Busy(LocalDateTime from, LocalDateTime until, String what) {
        public Busy {
            Check.present(from, "from");
            if (!Check.present(until, "until").isAfter(from)) {
                throw new InvalidInputException("until", until, "a time after " + from);
            }
            what = Check.text(what, "what", 80);
        }
    }

    /** Plans of theirs long before or after a party are none of its business. */
    void near(LocalDateTime sitDown, String field) {
        for (int i = 0; i < busy.size(); i++) {
            Check.near(busy.get(i).from(), sitDown, field + ".busy[" + i + "].from");
            Check.near(busy.get(i).until(), sitDown, field + ".busy[" + i + "].until");
        }
    }

    /** The same person, no longer waiting to be asked. */
    public Cook helping() {
        return new Cook(id, name, false, skills, from, until, busy);
    }

    /** The same cook with other plans. */
    public Cook away(List<Busy> plans) {
        return new Cook(id, name, helper, skills, from, until, plans);
    }

    /** The same cook with all plans so much later. */
    Cook later(Duration by) {
        List<Busy> moved = busy.stream()
                .map(away -> new Busy(away.from().plus(by), away.until().plus(by), away.what()))
                .toList();
        return away(moved);
    }

    public boolean can(Collection<Skill> asked) {
        return skills == null || skills.containsAll(asked);
    }
}
