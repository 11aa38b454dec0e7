package org.livelyladle.core.table;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.brief.Course;

/**
 * Who eats what from which side, and when.
 *
 * @param sides what each side is kept clean for and holds
 * @param courses in which it is eaten, noodles apart
 * @param beside what never goes into a pot
 * @param minders who looks after what is shared, by pot; none where nobody can
 * @param ending what the meal ends with; null where none is wanted, or no side can take it
 * @param soupRounds when soup can be ladled from each side
 * @param reasons why each drop is where it is, by drop; none of a sequence made in haste
 */
public record Sequence(
        int mealSeconds,
        List<Drop> drops,
        List<TablePlan.SideUse> sides,
        List<TablePlan.Remainder> remainders,
        List<TablePlan.BeatenPin> beatenPins,
        List<Course> courses,
        List<TablePlan.Beside> beside,
        Map<String, String> minders,
        List<Reason> reasons,
        @Nullable EndingPlan ending,
        List<SoupRound> soupRounds) {

    public Sequence {
        drops = List.copyOf(drops);
        sides = List.copyOf(sides);
        remainders = List.copyOf(remainders);
        beatenPins = List.copyOf(beatenPins);
        courses = List.copyOf(courses);
        beside = List.copyOf(beside);
        minders = Map.copyOf(minders);
        reasons = List.copyOf(reasons);
        soupRounds = List.copyOf(soupRounds);
    }

    /** Only drops, of which nothing else is known. */
    public static Sequence of(int mealSeconds, List<Drop> drops) {
        return new Sequence(
                mealSeconds,
                drops,
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                Map.of(),
                List.of(),
                null,
                List.of());
    }

    /**
     * Why a drop is where it is.
     *
     * @param here why in this side
     * @param now why at this time
     * @param minutesFromPlace how far from its place in the courses, before or after [min]
     */
    public record Reason(String drop, String here, String now, double minutesFromPlace) {}

    /** The same with what has begun as it happened. */
    public Sequence havingBegun(List<Drop> begun) {
        Map<String, Drop> happened = begun.stream().collect(Collectors.toMap(Drop::id, drop -> drop));
        return new Sequence(
                mealSeconds,
                drops.stream().map(drop -> drop.after(happened.get(drop.id()))).toList(),
                sides,
                remainders,
                beatenPins,
                courses,
                beside,
                minders,
                reasons,
                ending,
                soupRounds);
    }

    /** The sides a guest may eat from all evening. */
    public List<String> sidesOpenTo(String guest) {
        return sides.stream()
                .filter(side -> side.closedTo().stream()
                        .noneMatch(closed -> closed.guest().equals(guest)))
                .map(TablePlan.SideUse::side)
                .toList();
    }
}
