package org.livelyladle.core.prep;

import java.util.Collection;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.catalogue.Skill;
import org.livelyladle.core.catalogue.Station;
import org.livelyladle.core.measure.KitchenText;

/**
 * A task as it is scheduled. Immutable.
 *
 * @param amount how much; empty where no amount applies
 * @param minutes how long it takes, whole and one at least [min]
 * @param rule how the time comes about, in words
 * @param exactMinutes before it is rounded up [min]
 * @param ownTime the time was set by the host
 * @param hands so long from its start somebody is at it [min]; nobody when 0
 * @param litres room it takes at a cold station [l]
 * @param after ids of the tasks that must be done before
 * @param keepsMinutes how long what it leaves may wait for what follows, or for sitting down [min]
 * @param fixedAt an appointment: it starts then and nothing moves it [min from sitting down]
 * @param pinnedAt where the host wants it to start [min from sitting down]
 * @param cuts of the menu it works on
 * @param broth which it makes; null where it is about something else
 * @param things to be ticked off one by one
 * @param cook who is to do it, where the host decided
 */
record Job(
        String id,
        PrepTask.Group group,
        String what,
        String amount,
        String tool,
        int minutes,
        String rule,
        double exactMinutes,
        boolean ownTime,
        int hands,
        Set<Skill> skills,
        Station at,
        int litres,
        List<String> after,
        int keepsMinutes,
        @Nullable Integer fixedAt,
        @Nullable Integer pinnedAt,
        @Nullable String cook,
        String caution,
        List<String> cuts,
        @Nullable String broth,
        List<String> things) {

    boolean isFixed() {
        return fixedAt != null;
    }

    boolean isPassive() {
        return hands < minutes;
    }

    /** What is still to be done of it, so many minutes. */
    Job remaining(int left) {
        return copy(left, rule, exactMinutes, Math.max(0, hands - Math.max(0, minutes - left)), after);
    }

    /** The same job, so many times as long as is usual; as long as the host has said where the host has. */
    Job taking(double times) {
        if (times == 1 || ownTime) {
            return this;
        }
        double exact = exactMinutes * times;
        int whole = (int) Math.max(1, Math.ceil(exact - 1e-9));
        String taught = "; " + KitchenText.number(times, 2) + " times as long on your evenings";
        return copy(whole, rule + taught, exact, isPassive() ? Math.min(hands, whole) : whole, after);
    }

    /** The same job, waiting for others too. */
    Job alsoAfter(Collection<String> others) {
        return copy(
                minutes,
                rule,
                exactMinutes,
                hands,
                Stream.concat(after.stream(), others.stream().sorted()).toList());
    }

    private Job copy(int minutes, String rule, double exactMinutes, int hands, List<String> after) {
        return new Job(
                id,
                group,
                what,
                amount,
                tool,
                minutes,
                rule,
                exactMinutes,
                ownTime,
                hands,
                skills,
                at,
                litres,
                after,
                keepsMinutes,
                fixedAt,
                pinnedAt,
                cook,
                caution,
                cuts,
                broth,
                things);
    }
}
