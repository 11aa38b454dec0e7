package org.livelyladle.core.cooking;

import static org.livelyladle.core.measure.Operation.GIVEN;
import static org.livelyladle.core.measure.Operation.MAXIMUM;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Doneness;
import org.livelyladle.core.brief.MenuItem;
import org.livelyladle.core.brief.Side;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.catalogue.Cut;
import org.livelyladle.core.catalogue.Governed;
import org.livelyladle.core.catalogue.RawRisk;
import org.livelyladle.core.heat.Simmer;
import org.livelyladle.core.measure.Figure;
import org.livelyladle.core.measure.KitchenText;
import org.livelyladle.core.measure.Ledger;
import org.livelyladle.core.measure.Mark;
import org.livelyladle.core.measure.Term;

/** The windows of the menu's cuts in this party's sides. Ready is never before safe. */
public final class WindowPlanner {
    /** Where no side is named yet: a lightly salted broth [%]. */
    private static final double USUAL_SALT_PERCENT = 0.9;
    /** Cores of meat and of fish that is pink inside [°C]; memory. */
    private static final double PINK_MEAT_C = 50;

    private static final double PINK_FISH_C = 40;

    private final Brief brief;
    private final Catalogue catalogue;
    private final WindowModel model;
    private final Ledger ledger;
    private final KitchenText text;

    public WindowPlanner(Brief brief, Catalogue catalogue, WindowModel model, Ledger ledger, KitchenText text) {
        this.brief = brief;
        this.catalogue = catalogue;
        this.model = model;
        this.ledger = ledger;
        this.text = text;
    }

    public Windows plan() {
        Map<Simmer, List<String>> sides = alike();
        List<CookingWindow> windows = new ArrayList<>();
        Map<CookingWindow, Integer> pink = new LinkedHashMap<>();
        for (MenuItem item : brief.menu()) {
            int group = 0;
            for (Map.Entry<Simmer, List<String>> entry : sides.entrySet()) {
                Draft draft = new Draft(item, entry.getKey(), group);
                CookingWindow window = draft.window(entry.getValue());
                windows.add(window);
                if (somebodyWantsPink(draft.cut)) {
                    pink.put(window, draft.pinkSeconds());
                }
                group++;
            }
        }
        return new Windows(windows, pink);
    }

    /** Only where heating is computed can it be told when. */
    private boolean somebodyWantsPink(Cut cut) {
        return cut.governed().isBy(Governed.By.CORE)
                && brief.guests().stream()
                        .flatMap(guest -> guest.wishFor(cut.id()).stream())
                        .anyMatch(wish -> wish.doneness() == Doneness.PINK);
    }

    /** Sides by their temperatures, in order of their ids; those within half a kelvin of one another are alike. */
    private Map<Simmer, List<String>> alike() {
        Map<Simmer, List<String>> sides = new LinkedHashMap<>();
        for (Side side :
                brief.sides().stream().sorted(Comparator.comparing(Side::id)).toList()) {
            Simmer own = Simmer.of(
                    brief.altitudeM(),
                    catalogue.broth(side.broth()).saltPercent(),
                    brief.potOf(side.id()).isGentle());
            Simmer like =
                    sides.keySet().stream().filter(own::isLike).findFirst().orElse(own);
            sides.computeIfAbsent(like, s -> new ArrayList<>()).add(side.id());
        }
        return sides.isEmpty() ? Map.of(Simmer.of(brief.altitudeM(), USUAL_SALT_PERCENT, false), List.of()) : sides;
    }

    /** One window with the figures it stands on. */
    private final class Draft {
        private final Cut cut;
        private final Piece piece;
        private final Simmer simmer;
        private final int group;
        private final WindowModel.Computed computed;

        private Draft(MenuItem item, Simmer simmer, int group) {
            this.cut = catalogue.cut(item.cut());
            this.piece = Piece.of(brief, cut);
            this.simmer = simmer;
            this.group = group;
            this.computed = model.window(piece, simmer);
        }

        private CookingWindow window(List<String> sides) {
            Governed governed = cut.governed();
            Figure pleasant = figure("pleasant", "good to eat", computed.pleasant(), () -> pleasantTerms(governed));
            Figure safe = figure("safe", "safe", computed.safe(), this::safeTerms);
            Figure ready = seconds("ready", computed.ready())
                    .by(
                            title("ready"),
                            "Good to eat and safe, whichever comes later, and no sooner than the trade takes it out",
                            MAXIMUM,
                            () -> readyTerms(pleasant, safe));
            return new CookingWindow(
                    cut.id(),
                    catalogue.fullName(cut),
                    sides,
                    CookingWindow.basis(governed),
                    pleasant,
                    safe,
                    ready,
                    figure("best", "best until", computed.bestUntil(), () -> declineTerms("best until", 1)),
                    figure("over", "overcooked", computed.overcooked(), () -> declineTerms("overcooked", 3)),
                    figure(
                            "early",
                            "ready at the earliest",
                            computed.early(),
                            () -> bandTerms(computed.early(), "15 % thinner, in rolling broth")),
                    figure(
                            "late",
                            "ready at the latest",
                            computed.late(),
                            () -> bandTerms(computed.late(), "15 % thicker, in still broth")),
                    cut.cue(),
                    advice(cut));
        }

        /** When the core is as warm as who likes it pink wants it [s]. */
        private int pinkSeconds() {
            double core = cut.rawRisk() == RawRisk.FISH ? PINK_FISH_C : PINK_MEAT_C;
            return (int) StrictMath.ceil(WindowModel.secondsTo(piece, core, simmer));
        }

        private Ledger.Draft seconds(String part, double seconds) {
            String id = "window." + part + "." + cut.id() + (group == 0 ? "" : "@" + (group + 1));
            return ledger.figure(id, seconds, "s", KitchenText.seconds(seconds));
        }

        private Figure figure(String part, String label, double seconds, Supplier<List<Term>> terms) {
            return seconds(part, seconds).by(title(label), rule(label), GIVEN, terms);
        }

        private String title(String label) {
            return catalogue.fullName(cut) + ": " + label;
        }

        private String rule(String label) {
            return switch (CookingWindow.basis(cut.governed())) {
                case HEAT ->
                    label.equals("best until") || label.equals("overcooked")
                            ? "Toughening adds up faster the hotter the piece is"
                            : "Heat conducted into the piece until its core is hot enough";
                case SOFTENING -> "The catalogue's time at a simmer, by thickness and temperature";
                case STATED -> "Time in simmering broth, as stated";
            };
        }

        private Term result(String label, int seconds, Mark mark, String source) {
            return Term.of(label, seconds, "s", KitchenText.seconds(seconds), source, mark);
        }

        private List<Term> pleasantTerms(Governed governed) {
            List<Term> terms = new ArrayList<>();
            boolean stated = governed.isBy(Governed.By.STATED);
            terms.add(result(
                    "good to eat",
                    computed.pleasant(),
                    stated ? cut.mark() : Mark.COMPUTED,
                    stated ? "catalogue" : ""));
            if (governed.isBy(Governed.By.CORE)) {
                terms.add(celsius("core", governed.value(), cut.cue(), cut.mark()));
                conditions(terms, piece, simmer.simmerC(), "at a simmer");
            } else if (governed.isBy(Governed.By.SOFTENS)) {
                terms.add(result("catalogue", cut.times().pleasant(), cut.mark(), "at a simmer at sea level"));
                terms.add(celsius("broth", simmer.simmerC(), "ten times as fast with 20 K more", Mark.MEMORY));
                terms.add(size(piece));
            }
            if (piece.times() != 1) {
                terms.add(Term.of(
                        "as long as usual",
                        piece.times(),
                        "1",
                        KitchenText.number(piece.times(), 2) + " times",
                        "your evenings",
                        Mark.HOST));
            }
            return terms;
        }

        private List<Term> safeTerms() {
            List<Term> terms = new ArrayList<>();
            Integer core = cut.safeCoreC();
            if (core == null) {
                terms.add(result("no raw risk", 0, Mark.COMPUTED, ""));
                return terms;
            }
            boolean stated = cut.governed().isBy(Governed.By.STATED);
            terms.add(result(
                    "safe", computed.safe(), stated ? Mark.MEMORY : Mark.COMPUTED, stated ? "time as stated" : ""));
            terms.add(celsius("core", core, cut.safeSource(), Mark.PUBLISHED));
            if (!stated) {
                conditions(terms, piece.folded(), simmer.floorC(), "the floor of the side, after a drop");
            }
            return terms;
        }

        private void conditions(List<Term> terms, Piece body, double brothC, String which) {
            terms.add(size(body));
            terms.add(celsius("start", body.startC(), "", Mark.MEMORY));
            terms.add(celsius("broth", brothC, which, Mark.COMPUTED));
            terms.add(Term.of(
                    "surface",
                    Piece.SIMMERING,
                    "W/m2K",
                    KitchenText.number(Piece.SIMMERING, 0) + " W/m²K",
                    "simmering",
                    Mark.MEMORY));
        }

        private Term size(Piece body) {
            boolean folded = body.scale() > piece.scale();
            return Term.of(
                    "size",
                    cut.dimensionsMm().get(0) * body.scale(),
                    "mm",
                    body.size(),
                    folded ? "folded in the chopsticks" : "",
                    folded ? Mark.MEMORY : cut.mark());
        }

        private Term celsius(String label, double celsius, String source, Mark mark) {
            return Term.of(label, celsius, "°C", text.celsius(celsius), source, mark);
        }

        private List<Term> readyTerms(Figure pleasant, Figure safe) {
            List<Term> terms = new ArrayList<>(List.of(Term.of("good to eat", pleasant), Term.of("safe", safe)));
            if (cut.leastReadySeconds() > 0) {
                terms.add(result("no sooner than", cut.leastReadySeconds(), Mark.COMMON_PRACTICE, "the trade"));
            }
            return terms;
        }

        private List<Term> declineTerms(String label, double q) {
            int seconds = q == 1 ? computed.bestUntil() : computed.overcooked();
            List<Term> terms = new ArrayList<>();
            if (cut.toughens() == null) {
                terms.add(result(label, seconds, cut.mark(), "catalogue, not fitted"));
                return terms;
            }
            Toughening toughening = Toughening.of(cut.toughens());
            terms.add(result(label, seconds, Mark.COMPUTED, ""));
            terms.add(Term.of("toughening", q, "1", KitchenText.number(q, 0), "1 is the end of the best", Mark.MEMORY));
            terms.add(Term.of(
                    "time to 1 at " + text.celsius(Toughening.REFERENCE_C),
                    toughening.dSeconds(),
                    "s",
                    KitchenText.seconds(toughening.dSeconds()),
                    "fitted to the catalogue",
                    Mark.MEMORY));
            terms.add(Term.of(
                    "ten times as fast with",
                    toughening.zK(),
                    "K",
                    KitchenText.number(toughening.zK(), 0) + " K",
                    "fitted to the catalogue",
                    Mark.MEMORY));
            terms.add(celsius(
                    "broth",
                    q == 1 ? simmer.simmerC() : simmer.keptC(),
                    q == 1 ? "a simmer" : "what it is kept at",
                    Mark.COMPUTED));
            return terms;
        }

        private List<Term> bandTerms(int seconds, String which) {
            return List.of(result("ready", seconds, Mark.COMPUTED, which));
        }
    }

    private String advice(Cut cut) {
        return cut.rawRisk() == RawRisk.NONE
                ? ""
                : "Cook through: " + text.celsius(cut.safeCoreC()) + " at the core ("
                        + cut.rawRisk().label() + ").";
    }
}
