package org.livelyladle.core.afterwards;

import java.util.EnumSet;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.check.Check;
import org.livelyladle.core.check.InvalidInputException;
import org.livelyladle.core.check.Key;
import org.livelyladle.core.check.Ranges;
import org.livelyladle.core.check.Usual;
import org.livelyladle.core.check.Within;
import org.livelyladle.core.learning.Seen;
import org.livelyladle.core.learning.Subject;

/**
 * What came of an evening, in the host's words. All of it may be left out. Immutable; whether it fits a party is checked
 * by {@link JournalCheck}.
 *
 * @param format always {@value #FORMAT}
 * @param formatVersion always {@value #VERSION}
 * @param left what is left of the food, by cut; nobody has said where a cut is missing
 * @param broths what is left in the pots, by side
 * @param guests who came, and how much they ate
 * @param times what took longer or shorter than is usual; as planned, or not looked at, where something is missing
 * @param costCents what it cost in all; what was bought when left out [cents]
 * @param note for the next time
 * @param mark from 1, never again, to 5, just like that
 */
public record Journal(
        String format,
        int formatVersion,
        @Key("cut") @Usual("[]") List<Left> left,
        @Key("side") @Usual("[]") List<BrothLeft> broths,
        @Key("guest") @Usual("[]") List<Came> guests,
        @Key({"subject", "of", "by"}) @Usual("[]") List<Took> times,
        @Within(min = 0, max = 10000000) @Nullable Integer costCents,
        @Usual("\"\"") String note,
        @Within(min = 1, max = 5) @Nullable Integer mark) {
    private static final Ranges RANGES = Ranges.of(Journal.class);
    public static final String FORMAT = "lively-ladle/journal";
    public static final int VERSION = 1;
    private static final int MOST_CUTS = 150;
    private static final int MOST_TIMES = 500;
    private static final int LONGEST_NOTE = 2000;
    static final int LONGEST_NAME = 120;

    public Journal {
        if (!FORMAT.equals(format)) {
            throw new InvalidInputException("format", String.valueOf(format), "'" + FORMAT + "'");
        }
        Check.range(formatVersion, "formatVersion", VERSION, VERSION);
        left = Check.distinct(left, "left", MOST_CUTS, Left::cut);
        broths = Check.distinct(broths, "broths", Brief.MOST_SIDES, BrothLeft::side);
        guests = Check.distinct(guests, "guests", Brief.MOST_GUESTS, Came::guest);
        times = Check.distinct(
                times,
                "times",
                MOST_TIMES,
                took -> List.of(took.subject(), took.of(), Objects.requireNonNullElse(took.by(), "")));
        RANGES.check("costCents", costCents);
        note = Check.textOrNone(note, "note", LONGEST_NOTE);
        RANGES.check("mark", mark);
    }

    /** How much of what was served. */
    public enum Part {
        /** Gone, and somebody would have had more. */
        RAN_OUT("ran out", 0),
        NONE("none", 0),
        LITTLE("a little", 0.15),
        HALF("half", 0.5),
        MOST("most", 0.85),
        ALL("all", 1);

        private final String label;
        private final double share;

        Part(String label, double share) {
            this.label = label;
            this.share = share;
        }

        public String label() {
            return label;
        }

        /** Of what was served; what a word means is from memory [1]. */
        public double share() {
            return share;
        }
    }

    /** Where it has been, on which it depends how long it keeps. */
    public enum State {
        UNTOUCHED("never left the fridge"),
        FROM_TABLE("raw, stood on the table"),
        COOKED("cooked");

        private final String label;

        State(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }

    /**
     * What is left of a cut: in words, or weighed.
     *
     * @param part of what was served; {@link Part#NONE} when there is a weight
     * @param grams as weighed; by its part when left out [g]
     */
    public record Left(
            String cut,
            @Usual("NONE") Part part,
            @Within(min = 0, max = 50000) @Nullable Double grams,
            @Usual("FROM_TABLE") State state) {
        private static final Ranges RANGES = Ranges.of(Left.class);

        public Left {
            Check.id(cut, "cut");
            Check.present(part, "part");
            RANGES.check("grams", grams);
            Check.present(state, "state");
        }

        /** Of a cut that ran out so many times as much would have been eaten as there was; memory [1]. */
        private static final double WOULD_HAVE_EATEN = 1.15;

        /**
         * What was eaten, or would have been had there been more.
         *
         * @param served of the cut in all [g]
         */
        double wantedOf(double served) {
            return part == Part.RAN_OUT && grams == null ? WOULD_HAVE_EATEN * served : served - gramsOf(served);
        }

        /** @param served of the cut in all [g] */
        double gramsOf(double served) {
            return grams == null ? part.share() * served : Math.min(grams, served);
        }
    }

    /** Broth left in a side [ml]. */
    public record BrothLeft(
            String side, @Within(min = 0, max = 20000) double ml) {
        private static final Ranges RANGES = Ranges.of(BrothLeft.class);

        public BrothLeft {
            Check.id(side, "side");
            RANGES.check("ml", ml);
        }
    }

    /** How much somebody ate. */
    public enum Ate {
        NOT_THERE("did not come", 0),
        LITTLE("much less", 0.5),
        LESS("less", 0.8),
        AS_PLANNED("about that", 1),
        MORE("more", 1.25);

        private final String label;
        private final double share;

        Ate(String label, double share) {
            this.label = label;
            this.share = share;
        }

        public String label() {
            return label;
        }

        /** Of what was planned; what a word means is from memory [1]. */
        public double share() {
            return share;
        }
    }

    /** How much a guest ate. */
    public record Came(String guest, Ate ate) {
        public Came {
            Check.id(guest, "guest");
            Check.present(ate, "ate");
        }
    }

    /**
     * How long something took: a cut in its broth [s], a task [min], a pot to the boil at the table [min], a stove in
     * cartridges.
     *
     * @param of the cut, the task or the pot
     * @param by the cook of a task; null for all else
     * @param name as one calls it
     * @param expected as is usual
     */
    public record Took(Subject subject, String of, @Nullable String by, String name, double expected, double happened) {
        private static final Set<Subject> SUBJECTS =
                EnumSet.of(Subject.CUT_TIME, Subject.TASK_TIME, Subject.BOIL_TIME, Subject.FUEL);

        public Took {
            if (!SUBJECTS.contains(subject)) {
                throw new InvalidInputException("subject", String.valueOf(subject), "one of " + SUBJECTS);
            }
            name = Check.text(name, "name", LONGEST_NAME);
            new Seen(subject, of, by, expected, happened);
        }

        Seen seen() {
            return new Seen(subject, of, by, expected, happened);
        }
    }

    /** Nobody has said anything yet. */
    public static Journal empty() {
        return new Journal(FORMAT, VERSION, List.of(), List.of(), List.of(), List.of(), null, "", null);
    }

    public Optional<Left> left(String cut) {
        return left.stream().filter(one -> one.cut().equals(cut)).findFirst();
    }

    /** As far as somebody has said. */
    public Optional<Ate> ate(String guest) {
        return guests.stream()
                .filter(one -> one.guest().equals(guest))
                .map(Came::ate)
                .findFirst();
    }
}
