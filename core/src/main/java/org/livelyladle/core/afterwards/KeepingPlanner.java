package org.livelyladle.core.afterwards;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Side;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.catalogue.Category;
import org.livelyladle.core.catalogue.Cut;
import org.livelyladle.core.catalogue.RawRisk;
import org.livelyladle.core.catalogue.StartState;
import org.livelyladle.core.measure.KitchenText;
import org.livelyladle.core.plan.Plan;
import org.livelyladle.core.portions.CutTotal;
import org.livelyladle.core.table.Drop;

/** What becomes of everything that is left, by what it is and where it has been. In doubt it is thrown away. */
public final class KeepingPlanner {
    /** USDA FSIS, "Leftovers and Food Safety": three to four days in the fridge; the shorter is taken [d]. */
    private static final int LEFTOVER_DAYS = 3;

    /** Of raw meat, fish and what is made of them, once opened; USDA FSIS, cold food storage: one to two days [d]. */
    private static final int RAW_DAYS = 1;

    /**
     * USDA FSIS, cold food storage chart: cooked meat, soups and stews are good for two to three months frozen, raw meat
     * and fish longer; the shortest is taken.
     */
    private static final int FROZEN_MONTHS = 2;

    /** USDA FSIS, the two-hour rule: no food that spoils stands in a warm room for longer [min]. */
    private static final int OUT_MINUTES = 120;

    private static final Set<Category> PRODUCE =
            EnumSet.of(Category.MUSHROOMS, Category.LEAVES, Category.ROOTS, Category.VEGETABLES);

    private static final double LEAST_G = 5;
    private static final double LEAST_ML = 50;

    private final Brief brief;
    private final Catalogue catalogue;
    private final KitchenText text;
    private final Contents contents;

    public KeepingPlanner(Brief brief, Catalogue catalogue, KitchenText text) {
        this.brief = brief;
        this.catalogue = catalogue;
        this.text = text;
        this.contents = new Contents(brief, catalogue);
    }

    /** @param plan as the evening was planned, with what went into which broth */
    public List<Keeping> plan(Plan plan, Journal journal) {
        List<Keeping> all = new ArrayList<>();
        for (Journal.Left left : journal.left()) {
            plan.portions()
                    .total(left.cut())
                    .flatMap(total -> food(left, total))
                    .ifPresent(all::add);
        }
        journal.broths().stream()
                .filter(broth -> broth.ml() >= LEAST_ML)
                .map(broth -> broth(broth, plan.table().drops()))
                .forEach(all::add);
        return all;
    }

    /** What may be cooked of all that keeps. */
    public List<NextDay> nextDay(Plan plan, Journal journal) {
        return new NextDayPlanner(brief, catalogue, text).plan(plan, journal, plan(plan, journal));
    }

    private Optional<Keeping> food(Journal.Left left, CutTotal total) {
        double grams = left.gramsOf(total.grams().value());
        if (grams < LEAST_G) {
            return Optional.empty();
        }
        Cut cut = catalogue.cut(left.cut());
        boolean isRisky = cut.rawRisk() != RawRisk.NONE;
        boolean stoodTooLong = brief.mealMinutes() > OUT_MINUTES;
        LocalDate day = brief.sitDown().toLocalDate();
        int keeps = catalogue.ingredientOf(cut).keepsDays();
        Choice choice = switch (left.state()) {
            case UNTOUCHED ->
                isRisky
                        ? new Choice(
                                Keeping.Way.KEEP, Math.min(RAW_DAYS, keeps), "It never left the fridge: raw, for a day")
                        : new Choice(Keeping.Way.KEEP, keeps, "It never left the fridge");
            case FROM_TABLE -> fromTable(cut, isRisky, stoodTooLong, keeps);
            case COOKED ->
                stoodTooLong
                        ? new Choice(Keeping.Way.THROW_AWAY, -1, "The meal was longer than two hours (USDA FSIS)")
                        : new Choice(
                                Keeping.Way.KEEP,
                                LEFTOVER_DAYS,
                                "Cooled fast, shallow (FDA Food Code 3-501.14); heated again to " + text.celsius(74)
                                        + " (3-403.11)");
        };
        return Optional.of(new Keeping(
                left.cut(),
                total.name(),
                text.grams(grams),
                choice.way,
                choice.days < 0 ? null : day.plusDays(choice.days),
                choice.days < 0 || !freezes(cut, left.state()) ? null : day.plusMonths(FROZEN_MONTHS),
                left.state() == Journal.State.COOKED,
                List.copyOf(contents.ofCut(left.cut()).allergens()),
                choice.why));
    }

    /** What is cooked, and raw meat and fish that did not come thawed from a freezer; leaves and roots go limp. */
    private boolean freezes(Cut cut, Journal.State state) {
        boolean isRaw = state == Journal.State.UNTOUCHED;
        return cut.rawRisk() == RawRisk.NONE
                ? state == Journal.State.COOKED
                : !isRaw || cut.start() != StartState.FROZEN;
    }

    private record Choice(Keeping.Way way, int days, String why) {}

    /** What grew and has to be washed anyway; all else spoils in a warm room, cooked by its maker or not. */
    private boolean isProduce(Cut cut) {
        return PRODUCE.contains(catalogue.ingredientOf(cut).category());
    }

    private Choice fromTable(Cut cut, boolean isRisky, boolean stoodTooLong, int keeps) {
        int days = Math.min(RAW_DAYS, keeps);
        if (isProduce(cut)) {
            return new Choice(Keeping.Way.KEEP, days, "It stood on the table: washed again, and cooked the next day");
        }
        if (!isRisky && !stoodTooLong) {
            return new Choice(
                    Keeping.Way.KEEP,
                    days,
                    "It stood on the table for less than two hours: into the fridge at once, cooked the next day");
        }
        return stoodTooLong
                ? new Choice(
                        Keeping.Way.THROW_AWAY, -1, "Longer than two hours on the table (USDA FSIS, the two-hour rule)")
                : new Choice(
                        Keeping.Way.EAT_COOKED,
                        LEFTOVER_DAYS,
                        "Raw, from a warm table: cooked through tonight, "
                                + text.celsius(cut.rawRisk().minimumCoreC())
                                + " at its core, then cooled fast; never back as it is");
    }

    private Keeping broth(Journal.BrothLeft left, List<Drop> drops) {
        String name = brief.sides().stream()
                .filter(side -> side.id().equals(left.side()))
                .map(Side::broth)
                .findFirst()
                .flatMap(catalogue::findBroth)
                .map(found -> found.name())
                .orElse(left.side());
        return new Keeping(
                left.side(),
                name,
                text.millilitres(left.ml()),
                Keeping.Way.BOIL,
                brief.sitDown().toLocalDate().plusDays(LEFTOVER_DAYS),
                brief.sitDown().toLocalDate().plusMonths(FROZEN_MONTHS),
                true,
                List.copyOf(contents.ofSide(left.side(), drops).allergens()),
                "Raw food was in it: at a rolling boil once more, cooled to " + text.celsius(21)
                        + " within two hours and to " + text.celsius(5)
                        + " within six in all (FDA Food Code 3-501.14)");
    }
}
