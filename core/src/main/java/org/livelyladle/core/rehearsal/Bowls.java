package org.livelyladle.core.rehearsal;

import java.util.Arrays;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.rehearsal.Script.Somebody;
import org.livelyladle.core.rehearsal.Trial.Planned;

/** What lies before everybody in one evening: bites, waits, what is overcooked and what never comes. */
final class Bowls {
    private static final double NEARLY_ALL = 0.9;
    private static final double HALF = 0.5;
    private static final int LONG_WAIT_S = 600;
    private static final int LONGER_THAN_PLANNED_S = 60;
    private static final int NONE = -1;

    private final Script script;
    private final @Nullable Planned planned;
    private final int[] arrives;
    private final double[] fullAfter;
    private final double[] toEat;
    private final double[] eaten;
    private final double[] emptyAt;
    private final int[] lastPortion;
    private final int[] waits;
    private final double[] lost;
    private final double[] spoiled;
    private final int[] lostAt;
    /** Of which load each portion lost most lately. */
    private final Load[] lostOf;

    Bowls(Script script, @Nullable Planned planned) {
        this.script = script;
        this.planned = planned;
        int people = script.people.size();
        this.arrives = new int[people];
        this.fullAfter = new double[people];
        this.toEat = new double[people];
        script.portions.forEach(portion -> toEat[portion.guest()] += portion.grams());
        this.eaten = new double[people];
        this.emptyAt = new double[people];
        this.lastPortion = new int[people];
        this.waits = new int[people];
        int portions = script.portions.size();
        this.lost = new double[portions];
        this.spoiled = new double[portions];
        this.lostAt = new int[portions];
        this.lostOf = new Load[portions];
    }

    /** Everybody sits down, or will: some late, some soon full. */
    void begin(Dice dice, Surroundings around, int latest) {
        Arrays.fill(lost, 0);
        Arrays.fill(spoiled, 0);
        Arrays.fill(eaten, 0);
        Arrays.fill(waits, 0);
        Arrays.fill(lastPortion, NONE);
        for (int person = 0; person < arrives.length; person++) {
            Somebody one = script.people.get(person);
            boolean late = one.guest() && dice.happens(around.lateGuest(), Dice.For.LATE, one.key());
            double by = late ? dice.exponential(around.lateSeconds(), Dice.For.HOW_LATE, one.key()) : 0;
            arrives[person] = one.arrives() + (int) Math.min(latest, by);
            emptyAt[person] = arrives[person];
            boolean full = one.guest() && dice.happens(around.fullEarly(), Dice.For.FULL, one.key());
            fullAfter[person] = full ? toEat[person] * around.fullShare() : Double.MAX_VALUE;
        }
    }

    int arrives(int person) {
        return arrives[person];
    }

    boolean isLate(int person) {
        return arrives[person] > script.people.get(person).arrives();
    }

    boolean wantsMore(int guest) {
        return eaten[guest] < fullAfter[guest];
    }

    boolean isWanted(Load load) {
        for (Load.Part part : load.parts()) {
            for (Load.Serving serving : part.servings()) {
                if (wantsMore(serving.guest())) {
                    return true;
                }
            }
        }
        return false;
    }

    /** Longest waits by guest [s]. */
    int[] waits() {
        return waits.clone();
    }

    /** By portion [g]. */
    double[] lost() {
        return lost.clone();
    }

    /** Nothing of it reaches anybody who still wanted it. */
    void lose(Load load) {
        for (Load.Part part : load.parts()) {
            for (Load.Serving serving : part.servings()) {
                if (wantsMore(serving.guest())) {
                    lose(serving, load, load.putIn());
                }
            }
        }
    }

    private void lose(Load.Serving serving, Load load, int at) {
        lost[serving.portion()] += serving.grams();
        lostAt[serving.portion()] = at;
        lostOf[serving.portion()] = load;
    }

    /** What came out goes round. */
    void serve(Load load, Load.Part part, boolean safe, boolean overcooked, int second, List<Happening> happenings) {
        for (Load.Serving serving : part.servings()) {
            if (!wantsMore(serving.guest())) {
                continue;
            }
            if (second > script.people.get(serving.guest()).leaves()) {
                lose(serving, load, second);
                continue;
            }
            if (!safe) {
                happenings.add(happening(Trouble.UNSAFE, serving, load, second));
            }
            if (overcooked) {
                double before = spoiled[serving.portion()];
                spoiled[serving.portion()] += serving.grams();
                double half = HALF * script.portions.get(serving.portion()).grams();
                if (before < half && spoiled[serving.portion()] >= half) {
                    happenings.add(happening(Trouble.OVERCOOKED, serving, load, second));
                }
            }
            bite(serving, load, Math.max(second, arrives[serving.guest()]), happenings);
        }
    }

    private static Happening happening(Trouble trouble, Load.Serving serving, Load load, int second) {
        return new Happening(trouble, serving.guest(), serving.portion(), load.side(), load.drop(), second);
    }

    private void bite(Load.Serving serving, Load load, int second, List<Happening> happenings) {
        int guest = serving.guest();
        if (eaten[guest] < NEARLY_ALL * Math.min(toEat[guest], fullAfter[guest]) && second > emptyAt[guest]) {
            int wait = (int) (second - emptyAt[guest]);
            waits[guest] = Math.max(waits[guest], wait);
            if (planned != null && wait > Math.max(LONG_WAIT_S, planned.waits()[guest] + LONGER_THAN_PLANNED_S)) {
                int since = (int) emptyAt[guest];
                happenings.add(
                        new Happening(Trouble.WAITS, guest, lastPortion[guest], load.side(), load.drop(), since));
            }
        }
        eaten[guest] += serving.grams();
        emptyAt[guest] = Math.max(emptyAt[guest], second)
                + serving.grams() / script.people.get(guest).eatsGramsPerS();
        lastPortion[guest] = serving.portion();
    }

    /** Portions that did not come, but for those that do not come anyway. */
    void end(Planned anyway, List<Happening> happenings) {
        for (int portion = 0; portion < lost.length; portion++) {
            double half = HALF * script.portions.get(portion).grams();
            if (lost[portion] >= half && lost[portion] > anyway.lost()[portion]) {
                Load load = lostOf[portion];
                happenings.add(new Happening(
                        Trouble.UNSERVED,
                        script.portions.get(portion).guest(),
                        portion,
                        load.side(),
                        load.drop(),
                        lostAt[portion]));
            }
        }
    }
}
