package org.livelyladle.server.phones;

import java.time.LocalDateTime;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.edit.GuestAnswer;
import org.livelyladle.core.seat.Helper;
import org.livelyladle.core.seat.Seat;
import org.livelyladle.server.access.Role;

/**
 * A party as one phone sees it: what is its own.
 *
 * @param at the second it was made for, from sitting down [s]; 0 before
 * @param satDown when, as an instant in ISO 8601; null before
 * @param places to take while it has none; empty after
 * @param seat of a guest who has a place
 * @param answer what the guest said before the evening and the host has not dealt with
 * @param helper of a cook who has a place
 * @param onTheTable what may fall into a side: the party's food by ingredient
 * @param sequence number of the last event it knows of
 */
record MineView(
        Role role,
        String title,
        LocalDateTime sitDown,
        String zone,
        int mealMinutes,
        boolean started,
        boolean paused,
        boolean finished,
        int at,
        @Nullable String satDown,
        List<Named> places,
        @Nullable Seat seat,
        @Nullable GuestAnswer answer,
        @Nullable Helper helper,
        List<Named> onTheTable,
        long sequence) {

    /** Something with a name. */
    record Named(String id, String name) {}
}
