package org.livelyladle.core.kettle;

import java.util.ArrayList;
import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import org.livelyladle.core.heat.HeatUp;
import org.livelyladle.core.heat.Simmer;
import org.livelyladle.core.heat.StirredSide;
import org.livelyladle.core.sides.SidePlan;
import org.livelyladle.core.table.TableState;

/** One side carried through the evening second by second, with what has come and gone. */
public final class SideRun {
    /** A side this empty counts as dry and is followed no further [1]; memory. */
    public static final double DRY_SHARE = 0.05;

    /** Kettle and reserve pan stand hot, not boiling, by the time they are poured [°C]; memory. */
    private static final double POURED_C = 90;

    private static final double PERCENT = 100;
    private static final int MINUTE = 60;

    /** A dose poured at a minute. */
    public record Poured(int minute, Pouring pouring) {}

    /** A dip that is not yet over. */
    private static final class OpenDip {
        private final Food food;
        private double lowestC;

        private OpenDip(Food food) {
            this.food = food;
            this.lowestC = Double.MAX_VALUE;
        }
    }

    private final SidePlan plan;
    private final Flows flows = new Flows();
    private final List<SideMinute> minutes = new ArrayList<>();
    private final List<Poured> doses = new ArrayList<>();
    private final Map<String, SideDip> dips = new LinkedHashMap<>();
    private final Simmer simmer;
    private final double startPercent;
    private final TopUpRule rule;
    private final List<Food> foods;
    private final double[] soup;
    private final Found found;

    private final StirredSide broth;
    private final List<Food> inside = new ArrayList<>();
    /** Room that what is inside takes [ml], and when the next of it comes out [s]. */
    private double foodMl;

    private int nextOut = Integer.MAX_VALUE;
    private final List<Lump> lumps = new ArrayList<>();
    private final List<OpenDip> open = new ArrayList<>();
    private int next;
    private double saltG;
    private double coolestOfMinute;
    private double lowestC;
    private int lowestSecond;
    /** Temperature at the end of each second [°C], from the first on. */
    private float[] history = {};

    private int firstSecond;
    private int overBrimSecond = Integer.MIN_VALUE;
    /** From when it is dry [s]; nobody knows what happens in a dry pot, so nothing is told of it after. */
    private OptionalInt drySecond = OptionalInt.empty();

    private boolean coveredDrop;

    public SideRun(
            SidePlan plan,
            Simmer simmer,
            TopUpRule rule,
            double startPercent,
            double lossWPerK,
            Traffic traffic,
            Found found) {
        this.found = found;
        this.plan = plan;
        this.simmer = simmer;
        this.rule = rule;
        this.startPercent = startPercent;
        this.foods = traffic.foods(plan.side());
        this.soup = traffic.soup(plan.side());
        this.broth = new StirredSide(
                plan.fill().value(), simmer.keptC(), simmer.boilC(), HeatUp.ROOM_C, lossWPerK, HeatUp.BROTH_J_PER_KG_K);
        this.saltG = plan.fill().value() * startPercent / PERCENT;
        this.coolestOfMinute = simmer.keptC();
        this.lowestC = simmer.keptC();
    }

    /** On full until well above a simmer, so that the heat is not turned to and fro. */
    boolean hasNotRecovered() {
        return broth.celsius() < (simmer.simmerC() + simmer.keptC()) / 2;
    }

    boolean hasLostItsSimmer() {
        return broth.celsius() < simmer.simmerC();
    }

    /** It recovers from a drop somebody else looks after: the lid may go on. */
    boolean isCovered() {
        return coveredDrop;
    }

    /** What keeps it at its temperature: its loss, and the steam wanted of it at the boil or what leaves it below [W]. */
    double holdingW(double openM2, double steamW) {
        return broth.holdingW(simmer.keptC(), openM2, steamW);
    }

    /** One second: what comes out, what goes in, soup, heat, and at each minute a dose where one is wanted. */
    void second(int second, double watts, double openM2, double mostVapourW, boolean mayPour) {
        if (drySecond.isPresent()) {
            standDry(second);
            return;
        }
        takeOut(second);
        if (broth.brothG() < DRY_SHARE * plan.fill().value()) {
            drySecond = OptionalInt.of(second);
            standDry(second);
            return;
        }
        putIn(second);
        flows.evaporated += broth.second(watts, openM2, mostVapourW);
        for (Lump lump : lumps) {
            broth.draw(lump.take(broth.celsius(), broth.capacityJPerK()));
        }
        if (found.isAnythingAt(second)) {
            found.readAt(second).forEach(this::become);
            found.pouredAt(second)
                    .forEach(poured -> pour(second, new Pouring(Found.kind(poured.what()), poured.ml(), 0)));
        }
        if (second >= 0 && second < soup.length) {
            flows.ladled += leave(soup[second]);
        }
        if (second % MINUTE == 0 && mayPour && !found.isPouredByHandAround(second)) {
            rule.decide(broth.brothG(), foodMl, saltG).ifPresent(pouring -> pour(second, pouring));
        }
        watch(second);
        if (second >= 0 && second % MINUTE == 0) {
            minutes.add(new SideMinute(broth.brothG(), foodMl, percent(), coolestOfMinute));
            coolestOfMinute = broth.celsius();
        }
    }

    /** What was in it when it ran dry, minute by minute to the finish. */
    private void standDry(int second) {
        if (second >= 0 && second % MINUTE == 0) {
            minutes.add(new SideMinute(broth.brothG(), foodMl, percent(), coolestOfMinute));
        }
    }

    private void putIn(int second) {
        while (next < foods.size() && foods.get(next).putIn() == second) {
            Food food = foods.get(next++);
            inside.add(food);
            insideChanges();
            if (food.isThin()) {
                broth.melt(food.meltingJ());
                broth.mixFood(food.joulePerK(), food.startC());
            } else {
                lumps.add(new Lump(food));
            }
            coveredDrop |= !food.cut().byHand();
            open.add(new OpenDip(food));
        }
    }

    private void takeOut(int second) {
        if (second < nextOut) {
            return;
        }
        for (Iterator<Food> it = inside.iterator(); it.hasNext(); ) {
            Food food = it.next();
            if (food.takeOut() <= second) {
                it.remove();
                if (food.isThin()) {
                    broth.removeFood(food.joulePerK());
                } else {
                    lumps.removeIf(lump -> lump.isOf(food));
                }
                flows.takenUp += leave(food.takenUpMl());
                flows.clung += leave(food.clingMl());
                double given = food.givenMl();
                broth.pour(given, broth.celsius());
                flows.given += given;
            }
        }
        insideChanges();
    }

    /** What follows from what is inside is reckoned when it changes, not every second. */
    private void insideChanges() {
        foodMl = 0;
        nextOut = Integer.MAX_VALUE;
        for (Food food : inside) {
            foodMl += food.volumeMl();
            nextOut = Math.min(nextOut, food.takeOut());
        }
    }

    /** Broth that leaves takes its salt along; what left [ml]. */
    private double leave(double ml) {
        double before = broth.brothG();
        double left = broth.takeOut(ml);
        if (before > 0) {
            saltG -= saltG * left / before;
        }
        return left;
    }

    /** Salt at the start that the host stirs in at once. */
    private void season() {
        double missing = rule.missingAtStart(broth.brothG(), saltG);
        if (missing > 0) {
            saltG += missing;
            flows.saltStirredG += missing;
            doses.add(new Poured(0, new Pouring(Pouring.Kind.SEASONED, 0, missing)));
        }
    }

    private void pour(int second, Pouring pouring) {
        broth.pour(pouring.ml(), POURED_C);
        saltG += pouring.stirredG();
        flows.saltStirredG += pouring.stirredG();
        saltG += pouring.kind() == Pouring.Kind.WATER ? 0 : pouring.ml() * rule.reservePercent() / PERCENT;
        flows.poured.merge(pouring.kind(), pouring.ml(), Double::sum);
        doses.add(new Poured(second / MINUTE, pouring));
    }

    /** As it was found, whatever was foreseen. */
    private void become(TableState.Reading reading) {
        if (reading.celsius() != null) {
            broth.becomes(reading.celsius());
        }
        if (reading.ml() != null) {
            double percent = percent();
            broth.holds(reading.ml());
            saltG = reading.ml() * percent / PERCENT;
        }
        if (reading.saltPercent() != null) {
            saltG = broth.brothG() * reading.saltPercent() / PERCENT;
        }
    }

    /**
     * Where it stands under its floor at a moment: when it simmers again, a long time after the finish where it does not.
     *
     * @param at [s from sitting down]
     */
    public Optional<Cooled> cooledAt(int at) {
        int now = Math.max(0, Math.min(history.length - 1, at - firstSecond));
        if (history[now] >= simmer.floorC()) {
            return Optional.empty();
        }
        int back = now;
        while (back < history.length && history[back] < simmer.simmerC()) {
            back++;
        }
        return Optional.of(new Cooled(back < history.length ? back + firstSecond : Cooled.NOT_BACK, history[now]));
    }

    /** Before the first second: how long it will run [s]. */
    void begin(int from, int until) {
        firstSecond = from;
        history = new float[until - from + 1];
        season();
    }

    /**
     * Whether food that must reach a core is in it while it stands under its floor, or dry: its time to safe is told for the floor, so it
     * would not be safe then.
     *
     * @param since of what went in later than this [s from sitting down]
     */
    public boolean isTooCoolForRawFood(int since) {
        for (Food food : foods) {
            if (food.putIn() > since && food.cut().needsTheFloor()) {
                int from = Math.max(0, food.putIn() - firstSecond);
                int to = Math.min(history.length, food.takeOut() - firstSecond);
                for (int i = from; i < to; i++) {
                    if (history[i] < simmer.floorC() || i + firstSecond >= drySecond.orElse(Integer.MAX_VALUE)) {
                        return true;
                    }
                }
            }
        }
        return false;
    }

    private void watch(int second) {
        double celsius = broth.celsius();
        history[second - firstSecond] = (float) celsius;
        coolestOfMinute = Math.min(coolestOfMinute, celsius);
        if (celsius < lowestC) {
            lowestC = celsius;
            lowestSecond = second;
        }
        if (overBrimSecond == Integer.MIN_VALUE
                && broth.brothG() + foodMl > plan.capacity().value() + 1) {
            overBrimSecond = second;
        }
        boolean back = celsius >= simmer.simmerC();
        for (Iterator<OpenDip> it = open.iterator(); it.hasNext(); ) {
            OpenDip dip = it.next();
            dip.lowestC = Math.min(dip.lowestC, celsius);
            int since = second - dip.food.putIn();
            boolean drawn = dip.food.isThin() || since >= dip.food.tauSeconds();
            if (back && drawn) {
                it.remove();
                boolean lost = dip.lowestC < simmer.simmerC();
                record(dip, lost ? since : 0);
            }
        }
        if (back) {
            coveredDrop = false;
        }
    }

    /** Dips the finish cut short count as back then. */
    void end(int second) {
        open.forEach(dip -> record(dip, Math.max(0, second - dip.food.putIn())));
    }

    /** Slices dipped one after another are one drop: its coolest moment, its longest way back. */
    private void record(OpenDip dip, int backSeconds) {
        dips.merge(
                dip.food.drop(),
                new SideDip(dip.food.drop(), dip.lowestC, backSeconds),
                (a, b) -> new SideDip(
                        a.drop(), Math.min(a.lowestC(), b.lowestC()), Math.max(a.backSeconds(), b.backSeconds())));
    }

    public SidePlan plan() {
        return plan;
    }

    public Flows flows() {
        return flows;
    }

    /** From sitting down on, each after what is poured in then. */
    public List<SideMinute> minutes() {
        return minutes;
    }

    public List<Poured> doses() {
        return doses;
    }

    /** What each drop did, in the order they were over. */
    public List<SideDip> dips() {
        return List.copyOf(dips.values());
    }

    public double startPercent() {
        return startPercent;
    }

    public TopUpRule rule() {
        return rule;
    }

    public double ml() {
        return broth.brothG();
    }

    public double saltG() {
        return saltG;
    }

    public double percent() {
        return broth.brothG() <= 0 ? 0 : saltG / broth.brothG() * PERCENT;
    }

    public double lowestC() {
        return lowestC;
    }

    public int lowestSecond() {
        return lowestSecond;
    }

    OptionalInt drySecond() {
        return drySecond;
    }

    /** When broth and food first stand over the brim [s]; the least integer when they never do. */
    public int overBrimSecond() {
        return overBrimSecond;
    }
}
