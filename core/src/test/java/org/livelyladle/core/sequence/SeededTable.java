package org.livelyladle.core.sequence;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.LongStream;
import java.util.stream.Stream;
import org.livelyladle.core.Briefs;
import org.livelyladle.core.Records;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.brief.SchoolOfOrder;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.cooking.TestWindows;
import org.livelyladle.core.cooking.Windows;
import org.livelyladle.core.measure.KitchenText;
import org.livelyladle.core.measure.Ledger;
import org.livelyladle.core.portions.PortionPlanner;
import org.livelyladle.core.sides.SidePlanner;
import org.livelyladle.core.sides.Sides;

/** A seeded table, sequenced, with all that is needed to sequence the same batches otherwise. */
public final class SeededTable {
    private static final int MOST_DROPS = 14;
    private static final SideLimits LIMITS = SideLimits.without(Set.of());

    private final String name;
    final Brief brief;
    final Sides sides;
    final TablePlanner.Arranged arranged;

    private SeededTable(String name, Brief brief) {
        this.name = name;
        this.brief = brief;
        Catalogue catalogue = Catalogue.builtIn();
        KitchenText text = new KitchenText(brief.units(), brief.currency());
        Windows windows = TestWindows.of(brief);
        this.sides = new SidePlanner(brief, catalogue, new Ledger(), text).plan();
        this.arranged = new TablePlanner(brief, catalogue, sides, windows, LIMITS, Care.FULL, text)
                .arrange(new PortionPlanner(brief, catalogue, new Ledger(), text).plan());
    }

    /** Of a party that is known. */
    public static SeededTable of(Brief brief) {
        return new SeededTable(brief.title(), brief);
    }

    /** The first of up to six guests on which everything finds a place, in at most {@value #MOST_DROPS} drops. */
    public static Stream<SeededTable> small(int count) {
        return LongStream.iterate(0, seed -> seed + 1)
                .mapToObj(SeededTable::random)
                .filter(table -> table.isServedInFull() && table.drops() <= MOST_DROPS)
                .limit(count);
    }

    /** The first of nine to twenty guests on which everything finds a place. */
    public static Stream<SeededTable> large(int count) {
        return LongStream.iterate(0, seed -> seed + 1)
                .mapToObj(SeededTable::ofMany)
                .filter(SeededTable::isServedInFull)
                .limit(count);
    }

    /** Up to six guests, three sides and seven foods. */
    static SeededTable random(long seed) {
        Random random = new Random(seed);
        Briefs briefs = new Briefs();
        briefs.mealMinutes = 45 + 15 * random.nextInt(3);
        briefs.order = order(random);
        seat(briefs, 2 + random.nextInt(5), random);
        List<String> broths = broths(random);
        int sides = 1 + random.nextInt(3);
        briefs.pots.add(Briefs.pot(
                "pot",
                (3 + random.nextInt(3)) * 1000,
                broths.subList(0, Math.min(2, sides)).toArray(String[]::new)));
        if (sides == 3) {
            briefs.pots.add(Briefs.pot("small", 2500, broths.get(2)));
        }
        List<String> menu = new ArrayList<>(Briefs.plain().menu);
        Collections.shuffle(menu, random);
        briefs.menu.addAll(menu.subList(0, 5 + random.nextInt(3)));
        return new SeededTable("table " + seed, briefs.build());
    }

    /** A pot of two sides for each five, and one food of each kind. */
    private static SeededTable ofMany(long seed) {
        Random random = new Random(seed);
        Briefs briefs = new Briefs();
        briefs.mealMinutes = 90 + 15 * random.nextInt(3);
        briefs.order = order(random);
        int guests = 9 + random.nextInt(12);
        seat(briefs, guests, random);
        for (int pot = 0; pot < (guests + 4) / 5; pot++) {
            briefs.pots.add(Briefs.pot(
                    "pot" + pot,
                    (4 + random.nextInt(3)) * 1000,
                    broths(random).subList(0, 2).toArray(String[]::new)));
        }
        briefs.menu.addAll(Briefs.plain().menu);
        return new SeededTable("many " + seed, briefs.build());
    }

    private static SchoolOfOrder order(Random random) {
        return List.of(SchoolOfOrder.HARD_FIRST, SchoolOfOrder.GREENS_FIRST, SchoolOfOrder.BALLS_FIRST)
                .get(random.nextInt(3));
    }

    private static void seat(Briefs briefs, int guests, Random random) {
        for (int i = 0; i < guests; i++) {
            Guest guest = Briefs.guest("g" + i);
            briefs.guests.add(random.nextInt(6) > 0 ? guest : Records.with(guest, "arrivesAfterMinutes", 15));
        }
    }

    private static List<String> broths(Random random) {
        List<String> broths = new ArrayList<>(List.of("kelp-shiitake", "smoked-tomato", "ginger-chicken"));
        Collections.shuffle(broths, random);
        return broths;
    }

    /** Nothing on it yet. */
    Board board() {
        return new Board(brief, sides, LIMITS, new Minders(brief), arranged.ending(), -Moments.PRELOAD_SECONDS);
    }

    List<Placing> placed() {
        return arranged.sequencer().placed();
    }

    public String name() {
        return name;
    }

    /** Batches of a cut in a side that go by one number are one drop. */
    private int drops() {
        return (int) placed().stream()
                .map(placing -> placing.batch.cut().id() + placing.batch.side().id() + placing.batch.number())
                .distinct()
                .count();
    }

    private boolean isServedInFull() {
        return arranged.left().isEmpty();
    }

    /** The longest time of anybody with an empty bowl, from arriving or after a bite, until nine tenths are eaten [s]. */
    public int longestWait() {
        return longestWait(placed().stream().mapToInt(Placing::counted).toArray());
    }

    /** @param counted when bites of each batch count from [s] */
    int longestWait(int[] counted) {
        int longest = 0;
        for (int guest = 0; guest < brief.guests().size(); guest++) {
            longest = Math.max(longest, longestWait(guest, counted));
        }
        return longest;
    }

    /** How long somebody has of so much in the bowl [s]. */
    int eats(int guest, double grams) {
        return (int) (grams / brief.guests().get(guest).eatsGramsPerSecond());
    }

    private record Bite(int at, double grams) {}

    private int longestWait(int guest, int[] counted) {
        List<Bite> bites = new ArrayList<>();
        for (int p = 0; p < placed().size(); p++) {
            Placing placing = placed().get(p);
            for (int e = 0; e < placing.eaters.length; e++) {
                for (int i = 0; placing.eaters[e] == guest && i < placing.biteAt[e].length; i++) {
                    bites.add(new Bite(counted[p] + placing.biteAt[e][i], placing.biteGrams[e][i]));
                }
            }
        }
        bites.sort(Comparator.comparingInt(Bite::at));
        double all = bites.stream().mapToDouble(Bite::grams).sum();
        double eaten = 0;
        int emptyAt = brief.guests().get(guest).arrivesAfterMinutes() * 60;
        int longest = 0;
        for (Bite bite : bites) {
            if (eaten < TableOracle.NEARLY_ALL * all) {
                longest = Math.max(longest, bite.at() - emptyAt);
            }
            eaten += bite.grams();
            emptyAt = Math.max(emptyAt, bite.at() + eats(guest, bite.grams()));
        }
        return longest;
    }
}
