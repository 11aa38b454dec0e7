package org.livelyladle.core.prep;

import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.brief.KeptIn;
import org.livelyladle.core.brief.MenuItem;
import org.livelyladle.core.catalogue.Aisle;
import org.livelyladle.core.catalogue.Bought;
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
import org.livelyladle.core.safety.Content;
import org.livelyladle.core.safety.Needs;

/**
 * What brings the food to its plates. The same step is done for everything alike in one go: leaves are washed together,
 * meat is sliced in one pass of the board. Kept apart is what a guest must not even touch, raw from ready, and poultry
 * from other meat.
 */
final class CutJobs {
    /** Fetching and putting away, and each plate; common practice [min]. */
    private static final double SET_OUT_MINUTES = 0.5;

    private static final double PLATE_MINUTES = 0.5;
    private static final double CHILDREN_MINUTES = 2;
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

    /** Cooked rice under its lid stays above 57 °C, FDA Food Code 2022 3-501.16, about so long; memory [min]. */
    private static final int STEAMED_KEEPS_MINUTES = 45;

    private static final String STEAMED = "cook";
    private static final String SET_OUT = "food:set-out";

    private final Brief brief;
    private final Catalogue catalogue;
    private final Supplies supplies;
    private final PrepClock clock;
    private final Map<String, Together> groups = new LinkedHashMap<>();
    private final List<JobDraft> single = new ArrayList<>();
    private final List<Served> plates = new ArrayList<>();
    private final List<Served> counted = new ArrayList<>();
    private final List<String> bowls = new ArrayList<>();

    /** A cut on its way: the tasks it has to wait for next. */
    private record Served(CutTotal total, Cut cut, Collection<String> after) {
        double kg() {
            return total.grams().value() / 1000;
        }
    }

    /** The same step for several cuts. */
    private record Together(String id, PrepStep step, List<Served> cuts) {}

    /**
     * All tasks of the food.
     *
     * @param brought those that leave something to be brought to the table
     * @param plates how many plates and bowls that are
     * @param rawPlates how many of them hold raw meat or fish
     */
    record Food(List<JobDraft> jobs, List<String> brought, int plates, int rawPlates) {}

    CutJobs(Brief brief, Catalogue catalogue, Supplies supplies, PrepClock clock) {
        this.brief = brief;
        this.catalogue = catalogue;
        this.supplies = supplies;
        this.clock = clock;
    }

    Food build(Portions portions) {
        portions.cuts().stream().filter(total -> total.grams().value() > 0).forEach(total -> follow(total, portions));
        List<JobDraft> jobs = new ArrayList<>();
        groups.values().forEach(group -> jobs.add(together(group)));
        jobs.addAll(single);
        List<Served> raw = plates.stream().filter(served -> isRaw(served.cut())).toList();
        List<Served> ready =
                plates.stream().filter(served -> !isRaw(served.cut())).toList();
        List<String> brought = new ArrayList<>(bowls);
        if (!ready.isEmpty()) {
            jobs.add(setOut(SET_OUT, "Set out: ", ready, ""));
            brought.add(SET_OUT);
        }
        if (!raw.isEmpty()) {
            jobs.add(
                    setOut(SET_OUT + ":raw", "Set out raw: ", raw, "Raw: plates of its own, cold until sitting down."));
            brought.add(SET_OUT + ":raw");
        }
        if (!counted.isEmpty()) {
            jobs.add(countedOut());
        }
        return new Food(jobs, brought, plates.size() + bowls.size(), raw.size());
    }

    /** Where a plate of it waits until it is brought. */
    static String place(Brief brief, Cut cut) {
        return brief.item(cut.id()).goesInFrozen(cut)
                ? "freezer"
                : cut.start() == StartState.AMBIENT ? "kitchen" : "fridge";
    }

    private void follow(CutTotal total, Portions portions) {
        Cut cut = catalogue.cut(total.cut());
        Served served = new Served(total, cut, supplies.before(List.of(cut.ingredient())));
        for (PrepStep step : steps(cut)) {
            served = join(served, step);
        }
        served = children(served, portions);
        if (isInTheBowl(cut)) {
            single.add(forTheBowls(served));
            bowls.add(bowlId(cut));
        } else {
            (brief.item(cut.id()).goesInFrozen(cut) ? counted : plates).add(served);
        }
    }

    private List<PrepStep> steps(Cut cut) {
        MenuItem item = brief.item(cut.id());
        if (item.goesInFrozen(cut) || isInTheBowl(cut)) {
            return List.of();
        }
        Bought bought = brief.boughtOf(cut);
        List<PrepStep> steps = new ArrayList<>();
        thaw(cut, item).ifPresent(steps::add);
        cut.prep().stream()
                .map(catalogue::prepStep)
                .filter(step -> bought == Bought.WHOLE || bought == Bought.CUT && !step.shopCuts())
                .forEach(steps::add);
        return steps;
    }

    private Served join(Served served, PrepStep step) {
        String apart = apart(served.cut());
        String id = "food:" + step.id() + (apart.isEmpty() ? "" : ":" + apart);
        groups.computeIfAbsent(id, key -> new Together(key, step, new ArrayList<>()))
                .cuts()
                .add(served);
        return new Served(served.total(), served.cut(), List.of(id));
    }

    /** What it must not touch; empty where it may lie with anything that is ready to eat. */
    private String apart(Cut cut) {
        Set<String> reasons = new TreeSet<>();
        Content content = Content.of(cut, catalogue);
        brief.guests()
                .forEach(guest -> Needs.brokenByContact(guest, content)
                        .forEach(need -> reasons.add(need.kind().name().toLowerCase(Locale.ROOT))));
        if (cut.rawRisk() == RawRisk.POULTRY) {
            reasons.add("poultry");
        } else if (isRaw(cut)) {
            reasons.add("raw");
        }
        return String.join("-", reasons);
    }

    private JobDraft together(Together group) {
        PrepStep step = group.step();
        double kg = group.cuts().stream().mapToDouble(Served::kg).sum();
        boolean raw = group.cuts().stream().anyMatch(served -> isRaw(served.cut()));
        Station at = raw && step.at() == Station.VEGETABLE_BOARD ? Station.RAW_MEAT_BOARD : step.at();
        JobDraft draft = new JobDraft(group.id(), PrepTask.Group.CUT, step.verb() + ": " + names(group.cuts()))
                .of(amounts(group.cuts()))
                .with(at == step.at() ? step.tool() : "knife, raw-meat board")
                .at(at, step.knife())
                .takes(step.minutes(), step.minutesPerKg(), kg, "a kg")
                .after(before(group.cuts()))
                .cuts(group.cuts().stream().map(served -> served.cut().id()).toList())
                .keeps(step.keepsMinutes())
                .warning(step.caution());
        if (step.passive()) {
            draft.passive(step.handsMinutes());
        }
        if (at.isCold()) {
            draft.litres(kg * LITRES_PER_KG);
        }
        return draft;
    }

    /** Leaves and stems of one vegetable are one thing to wash. */
    private String names(List<Served> cuts) {
        return cuts.stream()
                .map(served ->
                        KitchenText.lower(catalogue.ingredientOf(served.cut()).name()))
                .distinct()
                .collect(Collectors.joining(", "));
    }

    private static String amounts(List<Served> cuts) {
        return cuts.stream().map(served -> served.total().grams().text()).collect(Collectors.joining(" + "));
    }

    private static Collection<String> before(List<Served> cuts) {
        Set<String> before = new LinkedHashSet<>();
        cuts.forEach(served -> before.addAll(served.after()));
        return before;
    }

    private static boolean isRaw(Cut cut) {
        return cut.rawRisk() != RawRisk.NONE;
    }

    /** Noodles and rice that go into no pot. */
    private boolean isInTheBowl(Cut cut) {
        Category kind = catalogue.ingredientOf(cut).category();
        return kind == Category.STARCH && brief.standsBeside(kind, cut);
    }

    private static String bowlId(Cut cut) {
        return "food:bowls:" + cut.id();
    }

    /** Rice steams by itself and waits hot; noodles are boiled and rinsed cold. */
    private JobDraft forTheBowls(Served served) {
        Cut cut = served.cut();
        JobDraft draft = new JobDraft(bowlId(cut), PrepTask.Group.CUT, "Cook for the bowls: " + names(List.of(served)))
                .of(amounts(List.of(served)))
                .at(Station.RING, false)
                .after(served.after())
                .cuts(List.of(cut.id()));
        return cut.prep().contains(STEAMED)
                ? steamed(draft, catalogue.prepStep(STEAMED), served.kg())
                : draft.with("pot and sieve")
                        .takes(BOIL_MINUTES + cut.times().ready() / 60.0)
                        .because("water to the boil, its time, rinsed cold")
                        .keeps(BOWL_KEEPS_MINUTES)
                        .warning("Laid into the bowls; hot broth goes over it at the table.");
    }

    private static JobDraft steamed(JobDraft draft, PrepStep step, double kg) {
        return draft.with("pot with a lid")
                .takes(step.minutes(), step.minutesPerKg(), kg, "a kg")
                .passive(step.handsMinutes())
                .keeps(STEAMED_KEEPS_MINUTES)
                .warning("Kept hot under its lid, above 57 °C, until it is served.");
    }

    private JobDraft setOut(String id, String what, List<Served> cuts, String caution) {
        return new JobDraft(id, PrepTask.Group.CUT, what + names(cuts))
                .of(cuts.size() + (cuts.size() == 1 ? " plate" : " plates"))
                .with("serving plates")
                .takes(SET_OUT_MINUTES, PLATE_MINUTES, cuts.size(), "a plate")
                .after(before(cuts))
                .keeps(PLATE_KEEPS_MINUTES)
                .warning(caution);
    }

    /** What goes in frozen waits in the freezer: thawed it would stick, and its time in the broth would be another. */
    private JobDraft countedOut() {
        return new JobDraft("food:count-out", PrepTask.Group.CUT, "Count out, back into the freezer: " + names(counted))
                .of(amounts(counted))
                .with("bags or boxes")
                .takes(SET_OUT_MINUTES, PLATE_MINUTES, counted.size(), "a kind")
                .after(before(counted))
                .warning("It goes in frozen: fetch it as it is put in, a drop at a time.");
    }

    /** What is frozen and put in thawed: in the fridge where there is time, else in cold water. */
    private Optional<PrepStep> thaw(Cut cut, MenuItem item) {
        boolean frozen = item.keptIn() == KeptIn.FREEZER
                || !item.isAtHome() && catalogue.ingredientOf(cut).aisle() == Aisle.FROZEN;
        if (!frozen || cut.start() != StartState.CHILLED) {
            return Optional.empty();
        }
        boolean time = supplies.tripsOf().getOrDefault(cut.ingredient(), Set.of()).stream()
                .allMatch(shop -> clock.minute(supplies.timeOf().get(shop)) <= -ROOM_TO_THAW_MINUTES);
        return Optional.of(catalogue.prepStep(time ? "thaw-fridge" : "thaw-water"));
    }

    /** For small children who get a cut they could choke on. */
    private Served children(Served served, Portions portions) {
        Cut cut = served.cut();
        String names = portions.lines().stream()
                .filter(line -> cut.choking() != Choking.NONE
                        && line.cut().equals(cut.id())
                        && line.served().value() > 0)
                .map(line -> brief.guest(line.guest()).orElseThrow())
                .filter(Guest::isSmallChild)
                .map(Guest::name)
                .collect(Collectors.joining(", "));
        if (names.isEmpty()) {
            return served;
        }
        String id = "food:children:" + cut.id();
        single.add(new JobDraft(
                        id,
                        PrepTask.Group.CUT,
                        "For " + names + ": " + KitchenText.lower(served.total().name()) + " cut small")
                .with("knife and board")
                .at(isRaw(cut) ? Station.RAW_MEAT_BOARD : Station.VEGETABLE_BOARD, true)
                .takes(CHILDREN_MINUTES)
                .after(served.after())
                .keeps(PLATE_KEEPS_MINUTES)
                .warning(cut.choking().advice() + "; keep it apart with the child's name."));
        return new Served(served.total(), cut, List.of(id));
    }
}
