package org.livelyladle.core.cooking;

import static org.livelyladle.core.measure.Operation.GIVEN;
import static org.livelyladle.core.measure.Operation.MAXIMUM;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.MenuItem;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.catalogue.Cut;
import org.livelyladle.core.catalogue.RawRisk;
import org.livelyladle.core.catalogue.Times;
import org.livelyladle.core.measure.Figure;
import org.livelyladle.core.measure.KitchenText;
import org.livelyladle.core.measure.Ledger;
import org.livelyladle.core.measure.Mark;
import org.livelyladle.core.measure.Term;

/** Takes the windows of the menu's cuts from the catalogue. Ready is never before safe. */
public final class WindowPlanner {
    private final Catalogue catalogue;
    private final Ledger ledger;

    public WindowPlanner(Catalogue catalogue, Ledger ledger) {
        this.catalogue = catalogue;
        this.ledger = ledger;
    }

    /** Windows by cut, in menu order. */
    public Map<String, CookingWindow> plan(Brief brief) {
        Map<String, CookingWindow> windows = new LinkedHashMap<>();
        brief.menu().forEach(item -> windows.put(item.cut(), window(item)));
        return windows;
    }

    private CookingWindow window(MenuItem item) {
        Cut cut = catalogue.cut(item.cut());
        Times times = cut.timesFrom(item.fromFrozen())
                .orElseThrow(() -> new IllegalStateException(cut.id() + " has no time from frozen"));
        Figure pleasant = given(cut, "pleasant", "good to eat", times.pleasant(), cut.mark(), "catalogue");
        Figure safe = given(cut, "safe", "safe", times.safe(), Mark.MEMORY, safety(cut));
        Figure ready = ledger.figure(id(cut, "ready"), times.ready(), "s", KitchenText.seconds(times.ready()))
                .by(
                        catalogue.fullName(cut) + ": ready",
                        "Good to eat and safe, whichever comes later",
                        MAXIMUM,
                        () -> List.of(Term.of("good to eat", pleasant), Term.of("safe", safe)));
        return new CookingWindow(
                cut.id(),
                catalogue.fullName(cut),
                pleasant,
                safe,
                ready,
                given(cut, "best", "best until", times.bestUntil(), cut.mark(), "catalogue"),
                given(cut, "over", "overcooked", times.overcooked(), cut.mark(), "catalogue"),
                cut.cue(),
                advice(cut));
    }

    private Figure given(Cut cut, String part, String label, int seconds, Mark mark, String source) {
        return ledger.figure(id(cut, part), seconds, "s", KitchenText.seconds(seconds))
                .by(
                        catalogue.fullName(cut) + ": " + label,
                        "Time in simmering broth at sea level",
                        GIVEN,
                        () -> List.of(Term.of(label, seconds, "s", KitchenText.seconds(seconds), source, mark)));
    }

    private static String id(Cut cut, String part) {
        return "window." + part + "." + cut.id();
    }

    private static String safety(Cut cut) {
        return cut.rawRisk() == RawRisk.NONE
                ? "no raw risk"
                : "time from memory; core " + cut.safeCoreC() + " °C, " + cut.safeSource();
    }

    private static String advice(Cut cut) {
        return cut.rawRisk() == RawRisk.NONE
                ? ""
                : "Cook through: " + cut.safeCoreC() + " °C at the core ("
                        + cut.rawRisk().label() + ").";
    }
}
