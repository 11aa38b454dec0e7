package org.livelyladle.core.afterwards;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.catalogue.Category;
import org.livelyladle.core.plan.Plan;
import org.livelyladle.core.portions.CutTotal;

/**
 * An evening as one looks back on it, beside others.
 *
 * @param party its id
 * @param on the day of sitting down
 * @param guests who came
 * @param costCents as the host says, else what was bought or planned [cents]
 * @param costAHeadCents for each who came [cents]
 * @param kinds what was eaten, kind by kind
 * @param leftGrams of what somebody spoke of [g]
 * @param handsMinutes of all cooks together, as planned [min]
 * @param longestWaitMinutes of whoever waited longest, as planned or as it ran [min]
 * @param mark from 1 to 5; null where nobody has said
 */
public record LookedBack(
        String party,
        String title,
        LocalDate on,
        int guests,
        long costCents,
        long costAHeadCents,
        String currency,
        List<Kind> kinds,
        double leftGrams,
        double handsMinutes,
        double longestWaitMinutes,
        @Nullable Integer mark,
        String note) {
    public LookedBack {
        kinds = List.copyOf(kinds);
    }

    /**
     * A kind of food.
     *
     * @param plannedAHead served for each who came [g]
     * @param eatenAHead eaten of it; null where nobody has said what is left [g]
     */
    public record Kind(
            Category category,
            String name,
            double plannedAHead,
            @Nullable Double eatenAHead) {}

    public static LookedBack of(String party, Brief brief, Plan plan, Journal journal) {
        int came = (int) Math.max(
                1,
                brief.guests().stream()
                        .filter(guest -> journal.ate(guest.id())
                                .filter(ate -> ate == Journal.Ate.NOT_THERE)
                                .isEmpty())
                        .count());
        Integer said = journal.costCents();
        long cost = said == null ? Math.round(plan.purchases().bill().value()) : said;
        return new LookedBack(
                party,
                brief.title(),
                brief.sitDown().toLocalDate(),
                came,
                cost,
                Math.round((double) cost / came),
                brief.currency(),
                Category.served().stream()
                        .flatMap(category -> kind(category, plan.portions().cuts(), journal, came).stream())
                        .toList(),
                plan.portions().cuts().stream()
                        .mapToDouble(cut -> left(cut, journal))
                        .sum(),
                plan.prep().handsOn().value(),
                plan.table().longestWait().value() / 60,
                journal.mark(),
                journal.note());
    }

    private static Optional<Kind> kind(Category category, List<CutTotal> cuts, Journal journal, int came) {
        List<CutTotal> own = cuts.stream()
                .filter(cut -> cut.category() == category && cut.grams().value() > 0)
                .toList();
        double served = own.stream().mapToDouble(cut -> cut.grams().value()).sum();
        Set<String> told = journal.left().stream().map(Journal.Left::cut).collect(Collectors.toSet());
        boolean isTold = own.stream().allMatch(cut -> told.contains(cut.cut()));
        double eaten =
                served - own.stream().mapToDouble(cut -> left(cut, journal)).sum();
        return own.isEmpty()
                ? Optional.empty()
                : Optional.of(new Kind(category, category.label(), served / came, isTold ? eaten / came : null));
    }

    private static double left(CutTotal cut, Journal journal) {
        return journal.left(cut.cut())
                .map(left -> left.gramsOf(cut.grams().value()))
                .orElse(0.0);
    }
}
