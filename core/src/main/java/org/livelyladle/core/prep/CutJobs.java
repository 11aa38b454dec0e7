package org.livelyladle.core.prep;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.brief.MenuItem;
import org.livelyladle.core.catalogue.Aisle;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.catalogue.Category;
import org.livelyladle.core.catalogue.Choking;
import org.livelyladle.core.catalogue.Cut;
import org.livelyladle.core.catalogue.PrepStep;
import org.livelyladle.core.catalogue.RawRisk;
import org.livelyladle.core.catalogue.StartState;
import org.livelyladle.core.catalogue.Station;
import org.livelyladle.core.measure.KitchenText;
import org.livelyladle.core.portions.CutTotal;
import org.livelyladle.core.portions.Portions;

/** What brings each cut to its plate, a chain of tasks each. */
record CutJobs(Brief brief, Catalogue catalogue, Supplies supplies, PrepClock clock) {
    private static final double PLATE_MINUTES = 2;
    private static final String PLATE = "plate";
    /** A pot of water to the boil and the sieve afterwards; memory. */
    private static final double BOIL_MINUTES = 10;
    /** Cooked noodles and rice wait no longer on the table; common practice [min]. */
    private static final int BOWL_KEEPS_MINUTES = 90;
    /** Plates of food set out in the fridge; memory [min]. */
    private static final int PLATE_KEEPS_MINUTES = 240;
    /** Room a kilogram takes in fridge or freezer, with its box; memory [l/kg]. */
    private static final double LITRES_PER_KG = 2;
    /** Thawing in the fridge is begun when so long is left, the work after it included; memory [min]. */
    private static final int ROOM_TO_THAW_MINUTES = 16 * 60;

    /**
     * One cut's tasks in their order.
     *
     * @param brought the last one sets out a plate that is brought to the table
     */
    record Chain(List<JobDraft> jobs, boolean brought) {}

    List<Chain> build(Portions portions) {
        return portions.cuts().stream()
                .filter(total -> total.grams().value() > 0)
                .map(total -> chain(total, portions))
                .toList();
    }

    private Chain chain(CutTotal total, Portions portions) {
        Cut cut = catalogue.cut(total.cut());
        MenuItem item = brief.menu().stream()
                .filter(onMenu -> onMenu.cut().equals(cut.id()))
                .findFirst()
                .orElse(MenuItem.of(cut.id()));
        double kg = total.grams().value() / 1000;
        List<JobDraft> chain = new ArrayList<>();
        if (!item.isReady() && !item.fromFrozen()) {
            thaw(cut, item).ifPresent(step -> chain.add(step(step, total, kg)));
            cut.prep().forEach(id -> chain.add(step(catalogue.prepStep(id), total, kg)));
        }
        children(total, portions).ifPresent(chain::add);
        boolean inTheBowl = isInTheBowl(cut);
        boolean brought = inTheBowl || !staysFrozen(cut, item);
        if (inTheBowl) {
            chain.add(cookedForTheBowls(cut, total));
        } else {
            chain.add(brought ? plate(cut, total) : countedOut(total));
        }
        chain.get(0).after(supplies.before(List.of(cut.ingredient())));
        for (int i = 1; i < chain.size(); i++) {
            chain.get(i).after(List.of(chain.get(i - 1).id()));
        }
        return new Chain(chain, brought);
    }

    private static boolean staysFrozen(Cut cut, MenuItem item) {
        return item.fromFrozen() || cut.start() == StartState.FROZEN;
    }

    /** Noodles and rice that go into no pot. */
    private boolean isInTheBowl(Cut cut) {
        Category kind = catalogue.ingredientOf(cut).category();
        return kind == Category.STARCH && brief.standsBeside(kind, cut.shape());
    }

    private static JobDraft cookedForTheBowls(Cut cut, CutTotal total) {
        return served(total, "Cook for the bowls: ")
                .with("pot and sieve")
                .at(Station.RING, false)
                .takes(BOIL_MINUTES + cut.times().ready() / 60.0)
                .because("water to the boil, its time, rinsed cold")
                .keeps(BOWL_KEEPS_MINUTES)
                .warning("Laid into the bowls; hot broth goes over it at the table.");
    }

    private static JobDraft plate(Cut cut, CutTotal total) {
        return served(total, "Set out: ")
                .with("serving plate")
                .keeps(PLATE_KEEPS_MINUTES)
                .warning(cut.rawRisk() == RawRisk.NONE ? "" : "Raw: its own plate, cold until sitting down.");
    }

    /** What goes in frozen waits in the freezer: thawed it would stick, and its time in the broth would be another. */
    private static JobDraft countedOut(CutTotal total) {
        return served(total, "Count out, back into the freezer: ")
                .with("bag or box")
                .warning("It goes in frozen: fetch it as it is put in, a drop at a time.");
    }

    private static JobDraft served(CutTotal total, String what) {
        return new JobDraft(
                        "cut:" + total.cut() + ":" + PLATE, PrepTask.Group.CUT, what + KitchenText.lower(total.name()))
                .of(total.grams().text())
                .takes(PLATE_MINUTES);
    }

    private JobDraft step(PrepStep step, CutTotal total, double kg) {
        JobDraft draft = new JobDraft(
                        "cut:" + total.cut() + ":" + step.id(),
                        PrepTask.Group.CUT,
                        step.verb() + ": " + KitchenText.lower(total.name()))
                .of(total.grams().text())
                .with(step.tool())
                .at(step.at(), step.knife())
                .takes(step.minutes(), step.minutesPerKg(), kg, "a kg")
                .keeps(step.keepsMinutes())
                .warning(step.caution());
        if (step.passive()) {
            draft.passive(step.handsMinutes());
        }
        if (step.at().isCold()) {
            draft.litres(kg * LITRES_PER_KG);
        }
        return draft;
    }

    /** What is bought frozen and put in thawed: in the fridge where there is time, else in cold water. */
    private Optional<PrepStep> thaw(Cut cut, MenuItem item) {
        boolean bought = catalogue.ingredientOf(cut).aisle() == Aisle.FROZEN;
        if (!bought || item.fromFrozen() || cut.start() != StartState.CHILLED) {
            return Optional.empty();
        }
        boolean time = supplies.tripsOf().getOrDefault(cut.ingredient(), Set.of()).stream()
                .allMatch(shop -> clock.minute(supplies.timeOf().get(shop)) <= -ROOM_TO_THAW_MINUTES);
        return Optional.of(catalogue.prepStep(time ? "thaw-fridge" : "thaw-water"));
    }

    /** For small children who get a cut they could choke on. */
    private Optional<JobDraft> children(CutTotal total, Portions portions) {
        Cut cut = catalogue.cut(total.cut());
        String names = portions.lines().stream()
                .filter(line -> cut.choking() != Choking.NONE
                        && line.cut().equals(cut.id())
                        && line.served().value() > 0)
                .map(line -> brief.guest(line.guest()).orElseThrow())
                .filter(Guest::isSmallChild)
                .map(Guest::name)
                .collect(Collectors.joining(", "));
        if (names.isEmpty()) {
            return Optional.empty();
        }
        Station board = cut.rawRisk() == RawRisk.NONE ? Station.VEGETABLE_BOARD : Station.RAW_MEAT_BOARD;
        return Optional.of(new JobDraft(
                        "cut:" + cut.id() + ":children",
                        PrepTask.Group.CUT,
                        "For " + names + ": " + KitchenText.lower(total.name()) + " cut small")
                .with("knife and board")
                .at(board, true)
                .takes(PLATE_MINUTES)
                .keeps(PLATE_KEEPS_MINUTES)
                .warning(cut.choking().advice() + "; keep it apart with the child's name."));
    }
}
