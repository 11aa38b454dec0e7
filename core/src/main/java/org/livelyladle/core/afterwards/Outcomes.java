package org.livelyladle.core.afterwards;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.catalogue.Category;
import org.livelyladle.core.learning.Outcome;
import org.livelyladle.core.learning.Seen;
import org.livelyladle.core.learning.Subject;
import org.livelyladle.core.portions.CutTotal;
import org.livelyladle.core.portions.GuestTotal;
import org.livelyladle.core.portions.Portions;

/**
 * What a household learns from an evening. Only what somebody said counts: a category by those of its cuts of which it is
 * said what is left, a guest by what is said of the guest.
 */
public final class Outcomes {
    /** Less than this says nothing of a rate [g]. */
    private static final double LEAST_G = 1;

    private final Brief brief;
    private final Portions portions;
    private final Journal journal;
    private final Function<Guest, String> idInBook;

    private Outcomes(Brief brief, Portions portions, Journal journal, Function<Guest, String> idInBook) {
        this.brief = brief;
        this.portions = portions;
        this.journal = journal;
        this.idInBook = idInBook;
    }

    /**
     * @param portions as planned, or served in the end
     * @param idInBook under which id a guest is known to the household
     */
    public static Outcome of(Brief brief, Portions portions, Journal journal, Function<Guest, String> idInBook) {
        Outcomes outcomes = new Outcomes(brief, portions, journal, idInBook);
        List<Seen> seen = new ArrayList<>();
        Category.served().forEach(category -> outcomes.portion(category, seen));
        brief.guests().forEach(guest -> outcomes.appetite(guest, seen));
        journal.times().stream().map(Journal.Took::seen).forEach(seen::add);
        return new Outcome(brief.sitDown().toLocalDate(), seen);
    }

    /** Everybody counts by how much they ate in all: whoever did not come, or had eaten elsewhere, says less of a head. */
    private void portion(Category category, List<Seen> seen) {
        List<CutTotal> told = portions.cuts().stream()
                .filter(cut ->
                        cut.category() == category && journal.left(cut.cut()).isPresent())
                .toList();
        Set<String> cuts = told.stream().map(CutTotal::cut).collect(Collectors.toSet());
        double planned = portions.lines().stream()
                .filter(line -> cuts.contains(line.cut()))
                .mapToDouble(line -> line.served().value() * shareOf(line.guest()))
                .sum();
        double eaten = told.stream()
                .mapToDouble(cut -> journal.left(cut.cut())
                        .orElseThrow()
                        .wantedOf(cut.grams().value()))
                .sum();
        double aHead = brief.portionsPerAdult().getOrDefault(category, 0.0);
        if (planned > LEAST_G && aHead > LEAST_G) {
            seen.add(new Seen(Subject.PORTION, category.name(), null, planned / aHead, eaten));
        }
    }

    private void appetite(Guest guest, List<Seen> seen) {
        double planned = portions.guests().stream()
                .filter(total -> total.guest().equals(guest.id()))
                .map(GuestTotal::food)
                .mapToDouble(food -> food.value())
                .sum();
        journal.ate(guest.id())
                .filter(ate -> ate != Journal.Ate.NOT_THERE && planned > LEAST_G)
                .ifPresent(ate -> seen.add(new Seen(
                        Subject.APPETITE, idInBook.apply(guest), null, usual(guest, planned), ate.share() * planned)));
    }

    /** A whole portion of somebody who had a part of one planned [g]. */
    private static double usual(Guest guest, double planned) {
        return planned * 100 / guest.portionPercent();
    }

    /** What somebody ate of what was planned for them [1]. */
    private double shareOf(String guest) {
        return journal.ate(guest).orElse(Journal.Ate.AS_PLANNED).share();
    }
}
