package org.livelyladle.core.rehearsal;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Cook;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.brief.HeatSource;
import org.livelyladle.core.brief.MenuItem;
import org.livelyladle.core.brief.Pot;
import org.livelyladle.core.brief.Side;
import org.livelyladle.core.brief.Tending;
import org.livelyladle.core.brief.WayOfEating;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.catalogue.Category;
import org.livelyladle.core.catalogue.Cut;
import org.livelyladle.core.catalogue.Governed;
import org.livelyladle.core.catalogue.Shape;
import org.livelyladle.core.heat.BoilingPoint;
import org.livelyladle.core.measure.UnitSystem;
import org.livelyladle.core.table.Drop;
import org.livelyladle.core.table.Stay;
import org.livelyladle.core.table.TablePlan;

/**
 * A table as it is to be played, with everything that does not change from evening to evening looked up once. Its figures
 * of broth and food stand here again on purpose.
 */
final class Script {
    private static final double BASE_FLOOR_C = 85;
    private static final double FLOOR_BELOW_BOIL_K = 5;
    private static final double LEAST_FLOOR_C = 78;
    private static final double GENTLE_K = 6;
    private static final double GENTLE_ABOVE_FLOOR_K = 5;
    private static final double SIMMER_STEAM_W = 250;
    private static final double ROLLING_STEAM_W = 600;
    private static final double THIN_MM = 3;
    private static final double CLINGS_ML_PER_G = 0.08;
    private static final double LEAVES_GIVE = 0.15;
    private static final double SOUP_ML_PER_S = 100.0 / 3600;
    private static final double METRIC_CUP_ML = 250;
    private static final double US_CUP_ML = 236.588;
    private static final double LARGEST_DOSE_SHARE = 0.15;
    private static final int LONGER_S = 20;
    /** Between two reckonings of a core [K]. */
    private static final double CORE_TOLERANCE_K = 1;

    private static final String NOBODY = "";

    /**
     * A pot and its heat.
     *
     * @param minder who turns its heat
     * @param firstSide of its sides, which follow one another
     * @param holdingW what keeps all its sides at their temperatures [W]
     */
    record OnHeat(
            String id,
            int minder,
            int firstSide,
            int sides,
            double fullW,
            double holdingW,
            boolean gas,
            double share) {}

    /**
     * A side.
     *
     * @param baskets places for baskets in it
     * @param doseMl what is poured in at once [ml]
     * @param doses when something is poured in, by time [s from sitting down]
     * @param soup ladled from it, by second from sitting down [ml/s]
     */
    record InPot(String id, Broth.Kind kind, int pot, int baskets, double doseMl, int[] doses, double[] soup) {}

    /** @param eatsGramsPerS how fast a bowl empties */
    record Somebody(String id, long key, boolean guest, int arrives, int leaves, double eatsGramsPerS) {}

    /** A guest's part of a cut [g]. */
    record Portion(int guest, String cut, double grams) {}

    final Scene scene;
    final List<OnHeat> pots = new ArrayList<>();
    final List<InPot> sides = new ArrayList<>();
    /** Guests first, in the order of the brief. */
    final List<Somebody> people = new ArrayList<>();

    final List<Portion> portions = new ArrayList<>();
    final List<Drop> drops;
    /** By when they go in. */
    final List<Load> loads = new ArrayList<>();

    final int from;
    final int mealSeconds;

    private final Brief brief;
    private final Catalogue catalogue;
    private final Cores cores;
    private final Map<String, Integer> peopleById = new HashMap<>();
    private final Map<String, Integer> sidesById = new HashMap<>();
    private final Map<String, Integer> portionsByKey = new HashMap<>();

    Script(Scene scene, Cores cores) {
        this.scene = scene;
        this.brief = scene.brief();
        this.catalogue = scene.catalogue();
        this.cores = cores;
        this.mealSeconds = brief.mealMinutes() * 60;
        this.drops = scene.table().drops();
        this.from = Math.min(0, drops.stream().mapToInt(Drop::putIn).min().orElse(0));
        seat();
        brief.pots().forEach(this::set);
        for (int i = 0; i < drops.size(); i++) {
            load(i, drops.get(i));
        }
        loads.sort(Comparator.comparingInt(Load::putIn).thenComparingInt(Load::drop));
    }

    private void seat() {
        int always = Integer.MAX_VALUE / 2;
        for (Guest guest : brief.guests()) {
            int until = guest.leavesWithin(brief.mealMinutes());
            add(new Somebody(
                    guest.id(),
                    Dice.key(guest.id()),
                    true,
                    guest.arrivesAfterMinutes() * 60,
                    until < brief.mealMinutes() ? until * 60 : always,
                    guest.eatsGramsPerSecond()));
        }
        Stream.concat(brief.cooks().stream().map(Cook::id), Stream.of(NOBODY))
                .filter(id -> !peopleById.containsKey(id))
                .forEach(id -> add(new Somebody(id, Dice.key(id), false, 0, always, 0)));
    }

    private void add(Somebody somebody) {
        peopleById.put(somebody.id(), people.size());
        people.add(somebody);
    }

    private int person(@Nullable String id) {
        return peopleById.getOrDefault(Objects.requireNonNullElse(id, NOBODY), people.size() - 1);
    }

    private void set(Pot pot) {
        int n = pot.sides().size();
        int first = sides.size();
        double holding = 0;
        for (Side side : pot.sides()) {
            double boil = BoilingPoint.celsius(
                    brief.altitudeM(), catalogue.broth(side.broth()).saltPercent());
            double floor = half(Math.max(LEAST_FLOOR_C, Math.min(BASE_FLOOR_C, boil - FLOOR_BELOW_BOIL_K)));
            double kept =
                    pot.isGentle() ? Math.min(boil, Math.max(boil - GENTLE_K, floor + GENTLE_ABOVE_FLOOR_K)) : boil;
            double brim = (double) pot.capacityMl() / n;
            double fill = brim * pot.fillPercent() / 100;
            Broth.Kind kind = new Broth.Kind(
                    fill,
                    brim,
                    boil,
                    kept,
                    floor,
                    pot.areaM2() / n,
                    pot.outsideM2() / n,
                    (pot.isRolling() ? ROLLING_STEAM_W : SIMMER_STEAM_W) / n);
            holding += kind.holdingW();
            double cup = brief.units() == UnitSystem.US ? US_CUP_ML : METRIC_CUP_ML;
            int[] doses = scene.doses().stream()
                    .filter(dose -> dose.side().equals(side.id()))
                    .mapToInt(Scene.Dose::at)
                    .sorted()
                    .toArray();
            sidesById.put(side.id(), sides.size());
            sides.add(new InPot(
                    side.id(),
                    kind,
                    pots.size(),
                    pot.basketsPerSide(),
                    Math.min(cup, fill * LARGEST_DOSE_SHARE),
                    doses,
                    soup(side.id())));
        }
        HeatSource heat = pot.heat();
        double full = heat.effectiveW();
        pots.add(new OnHeat(
                pot.id(),
                person(minderOf(pot)),
                first,
                n,
                full,
                Math.min(full, holding),
                heat.kind() == HeatSource.Kind.BUTANE,
                heat.efficiency()));
    }

    /** Who looks after what is shared in it, else the first who is asked to do anything. */
    private @Nullable String minderOf(Pot pot) {
        List<String> own = pot.sides().stream().map(Side::id).toList();
        return scene.table().cues().stream()
                .filter(cue -> cue.minder() != null && own.contains(cue.side()))
                .map(cue -> cue.minder())
                .findFirst()
                .orElse(null);
    }

    private static double half(double celsius) {
        return StrictMath.floor(celsius * 2) / 2;
    }

    private double[] soup(String side) {
        double[] soup = new double[mealSeconds + 1];
        for (TablePlan.GuestPace pace : scene.table().guests()) {
            if (pace.sides().contains(side)) {
                Somebody guest = people.get(person(pace.guest()));
                for (int second = guest.arrives(); second < Math.min(mealSeconds, guest.leaves()); second++) {
                    soup[second] += SOUP_ML_PER_S / pace.sides().size();
                }
            }
        }
        return soup;
    }

    private void load(int index, Drop drop) {
        Map<List<Object>, List<Stay>> together = new LinkedHashMap<>();
        for (Stay stay : drop.inBroth()) {
            Object whose = drop.shared() ? NOBODY : stay.servings();
            together.computeIfAbsent(List.of(stay.putIn(), whose), key -> new ArrayList<>())
                    .add(stay);
        }
        together.values().forEach(stays -> loads.add(load(index, drop, stays)));
    }

    private Load load(int index, Drop drop, List<Stay> stays) {
        Cut cut = catalogue.cut(drop.cut());
        MenuItem item = brief.item(drop.cut());
        boolean inTurns = drop.tending() == Tending.DIP || drop.tending() == Tending.PLATE;
        boolean loose = brief.potOf(drop.side()).wayOrUsual() == WayOfEating.ROUNDS;
        Load.Tended tended = inTurns
                ? Load.Tended.HELD
                : !drop.shared() ? Load.Tended.OWN : drop.fished() ? Load.Tended.FISHED : Load.Tended.SHARED;
        Stay first = stays.get(0);
        int eater = person(first.servings().get(0).guest());
        int actor = drop.shared() ? minderIndex(drop) : drop.minder() == null ? eater : person(drop.minder());
        double startC = startC(cut, item);
        return new Load(
                index,
                Dice.key(drop.id() + "/" + first.putIn() + "/"
                        + (drop.shared() ? NOBODY : people.get(eater).id())),
                sidesById.get(drop.side()),
                first.putIn(),
                actor,
                drop.shared() ? Load.NO_HAND : 2 * actor + (inTurns ? 0 : 1),
                tended,
                !loose && !inTurns,
                cut.safeCoreC() != null,
                isThin(cut),
                cut.byHand() ? Load.NO_LID : 0,
                startC,
                warmsWithin(stays),
                core(cut, item, startC),
                safeSeconds(cut, drop),
                stays.stream().map(stay -> part(stay, cut)).toList());
    }

    private int minderIndex(Drop drop) {
        return drop.minder() == null
                ? pots.get(sides.get(sidesById.get(drop.side())).pot()).minder()
                : person(drop.minder());
    }

    private static boolean isThin(Cut cut) {
        return cut.shape() == Shape.LEAF
                || cut.shape() == Shape.STRAND
                || cut.shape() == Shape.SLAB && cut.dimensionsMm().get(0) <= THIN_MM;
    }

    private static double startC(Cut cut, MenuItem item) {
        if (item.goesInFrozen(cut)) {
            return -18;
        }
        return switch (cut.start()) {
            case AMBIENT -> 20;
            case DRIED -> 15;
            default -> 5;
        };
    }

    /** A third of the time it is in until shortly after it is ready. */
    private static double warmsWithin(List<Stay> stays) {
        Stay longest =
                stays.stream().max(Comparator.comparingInt(Stay::takeOut)).orElseThrow();
        return Math.min(longest.seconds(), longest.ready() + LONGER_S - longest.putIn()) / 3.0;
    }

    private Cores.@Nullable Core core(Cut cut, MenuItem item, double startC) {
        return cut.safeCoreC() == null || !cut.governed().isBy(Governed.By.CORE)
                ? null
                : cores.core(cut, item.scale(), startC, cut.safeCoreC() - CORE_TOLERANCE_K);
    }

    private double safeSeconds(Cut cut, Drop drop) {
        if (cut.safeCoreC() == null || cut.governed().isBy(Governed.By.CORE)) {
            return 0;
        }
        return scene.windows().stream()
                .filter(window ->
                        window.cut().equals(cut.id()) && window.sides().contains(drop.side()))
                .mapToDouble(window -> window.safe().value())
                .findFirst()
                .orElse(0);
    }

    private Load.Part part(Stay stay, Cut cut) {
        double grams = stay.servings().stream().mapToDouble(Stay.Serving::grams).sum();
        double swollen = grams * cut.swell();
        boolean soaked = cut.prep().stream().anyMatch(step -> step.startsWith("soak"));
        boolean leaves = catalogue.ingredientOf(cut).category() == Category.LEAVES;
        return new Load.Part(
                stay.seconds(),
                stay.overcooked() - stay.putIn(),
                swollen,
                stay.volumeMl(),
                swollen * CLINGS_ML_PER_G + (soaked ? 0 : Math.max(0, swollen - grams)),
                leaves ? grams * LEAVES_GIVE : 0,
                stay.servings().stream()
                        .map(serving -> serving(serving, cut.id()))
                        .toList());
    }

    private Load.Serving serving(Stay.Serving serving, String cut) {
        int guest = person(serving.guest());
        String key = serving.guest() + "/" + cut;
        Integer known = portionsByKey.get(key);
        int place = known == null ? portions.size() : known;
        if (known == null) {
            portionsByKey.put(key, place);
            portions.add(new Portion(guest, cut, serving.grams()));
        } else {
            Portion so = portions.get(place);
            portions.set(place, new Portion(guest, cut, so.grams() + serving.grams()));
        }
        return new Load.Serving(guest, place, serving.grams());
    }
}
