package org.livelyladle.core.prep;

import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import org.livelyladle.core.measure.KitchenText;

/** Says why a task stands where it stands. */
record Reasons(Scheduled plan, Links links) {
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEE HH:mm", Locale.ENGLISH);

    String of(int i) {
        Job job = plan.project().job(i);
        Progress.Touched touched = plan.progress().of(i);
        if (touched != null) {
            return switch (touched.state()) {
                case RUNNING -> "Under way since " + time(touched.begun()) + ".";
                case PAUSED -> "Paused; it goes on as soon as there are hands.";
                default -> "Done at " + time(touched.since()) + ".";
            };
        }
        if (job.isFixed()) {
            return "An appointment: " + job.rule() + ".";
        }
        int start = plan.slots()[i].start();
        if (start > plan.draft().planned()[i].start()) {
            return "Was " + time(plan.draft().planned()[i].start())
                    + "; now as soon as what it waits for is done and somebody is free.";
        }
        return job.pinnedAt() != null && job.pinnedAt() == start ? "You set it." : held(i);
    }

    private String held(int i) {
        Links.Held held = links.of(i);
        String room = links.slack(i) > 0 ? " It could wait " + KitchenText.minutes(links.slack(i)) + "." : "";
        return switch (held.hold()) {
            case END ->
                "The last moment before your buffer of "
                        + KitchenText.minutes(plan.brief().bufferMinutes()) + "." + room;
            case WAITED_FOR -> "So that “" + what(held) + "” can start at " + start(held) + "." + room;
            case COOK -> "Next for " + name(i) + ": “" + what(held) + "” at " + start(held) + "." + room;
            case STATION ->
                "The " + plan.project().job(i).at().label() + " is needed at " + start(held) + " for “" + what(held)
                        + "”." + room;
            case COLD_ROOM ->
                "There is room in the " + plan.project().job(i).at().label() + " then; all of it at once does not fit.";
            case AWAY ->
                name(i) + ": away from "
                        + time(held.latestStart() + plan.project().job(i).hands()) + "." + room;
            case EMPTY_HOUSE ->
                "Nobody is at home from "
                        + time(held.latestStart() + plan.project().job(i).minutes()) + "." + room;
        };
    }

    private String what(Links.Held held) {
        return KitchenText.lower(plan.project().job(held.by()).what());
    }

    private String start(Links.Held held) {
        return time(plan.slots()[held.by()].start());
    }

    private String name(int i) {
        return plan.crew().cooks.get(plan.slots()[i].cook()).name();
    }

    /** With the day where it is another than the party's. */
    String time(int minute) {
        LocalDateTime local = plan.clock().local(minute);
        boolean same = local.toLocalDate().equals(plan.brief().sitDown().toLocalDate());
        return same ? KitchenText.clock(local) : DAY.format(local);
    }
}
