package org.livelyladle.core.prep;

import java.time.LocalDateTime;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.catalogue.Skill;
import org.livelyladle.core.catalogue.Station;
import org.livelyladle.core.measure.Figure;

/**
 * Something to do before sitting down.
 *
 * @param what the task in a few words
 * @param amount how much; empty where no amount applies
 * @param minutes how long it takes [min]
 * @param before its start, counted back from sitting down [min]
 * @param earlier how much earlier it could be done: after the shop and what it waits for, and no sooner than it keeps;
 *     whether somebody is free then is not looked at [min]
 * @param slack how much later it could start with all else still done in time [min]
 * @param startsAt local time; when it was begun, once it is
 * @param endsAt local time
 * @param plannedAt when it would start had nothing happened yet, local time
 * @param cook who does it; null for what needs nobody
 * @param hands so long from its start somebody is at it [min]
 * @param skills what it asks of whoever does it
 * @param at what it takes up
 * @param unit which of several boards, rings, sinks or ovens, from 0
 * @param litres room it takes in fridge or freezer [l]
 * @param fixed an appointment, which nothing moves
 * @param pinned the host decided its time, its cook or how long it takes
 * @param critical on the chain that leaves no room
 * @param left of it to do; 0 once done [min]
 * @param after ids of the tasks it waits for
 * @param cuts of the menu it works on; none where it is about something else
 * @param broth which it makes; null where it is about something else
 * @param things to be ticked off one by one; none where the task itself is all there is to tick
 * @param why why then
 */
public record PrepTask(
        String id,
        Group group,
        String what,
        String amount,
        String tool,
        Figure minutes,
        Figure before,
        Figure earlier,
        Figure slack,
        LocalDateTime startsAt,
        LocalDateTime endsAt,
        LocalDateTime plannedAt,
        @Nullable String cook,
        int hands,
        List<Skill> skills,
        Station at,
        int unit,
        int litres,
        boolean fixed,
        boolean pinned,
        boolean critical,
        State state,
        int left,
        List<String> after,
        String caution,
        List<String> cuts,
        @Nullable String broth,
        List<String> things,
        String why) {

    /** What a task belongs to. */
    public enum Group {
        SHOPPING,
        BROTH,
        CUT,
        SAUCE,
        TABLE
    }

    /** How far it is. */
    public enum State {
        PLANNED,
        RUNNING,
        PAUSED,
        DONE
    }

    public PrepTask {
        cuts = List.copyOf(cuts);
        things = List.copyOf(things);
        after = List.copyOf(after);
        skills = List.copyOf(skills);
    }
}
