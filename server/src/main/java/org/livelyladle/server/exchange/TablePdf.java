package org.livelyladle.server.exchange;

import java.time.format.DateTimeFormatter;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Cook;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.brief.Need;
import org.livelyladle.core.measure.KitchenText;
import org.livelyladle.core.plan.Plan;
import org.livelyladle.core.table.Cue;
import org.livelyladle.core.table.Drop;
import org.livelyladle.core.table.Stay;
import org.livelyladle.core.table.TablePlan;

/** The table on paper: a card of cues for each minder, and a small card for each guest. */
final class TablePdf {
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEEE d MMMM", Locale.ENGLISH);
    private static final DateTimeFormatter CLOCK = DateTimeFormatter.ofPattern("HH:mm", Locale.ROOT);

    private final Brief brief;
    private final Plan plan;
    private final Map<String, String> broths;

    private TablePdf(Brief brief, Plan plan) {
        this.brief = brief;
        this.plan = plan;
        this.broths =
                plan.broths().sides().stream().collect(Collectors.toMap(side -> side.side(), side -> side.brothName()));
    }

    static byte[] minders(Brief brief, Plan plan) {
        return new TablePdf(brief, plan).minders();
    }

    static byte[] guests(Brief brief, Plan plan) {
        return new TablePdf(brief, plan).guests();
    }

    private byte[] minders() {
        Map<String, List<Cue>> byMinder = plan.table().cues().stream()
                .collect(Collectors.groupingBy(
                        cue -> Objects.requireNonNullElse(cue.minder(), ""), TreeMap::new, Collectors.toList()));
        Html body = new Html();
        boolean next = false;
        for (Map.Entry<String, List<Cue>> own : byMinder.entrySet()) {
            breakBefore(next, body);
            next = true;
            body.element("h1", "Table: " + minder(own.getKey()));
            body.element("p", "quiet", brief.title() + ", " + DAY.format(brief.sitDown()) + ".");
            body.open("table");
            own.getValue().forEach(cue -> cue(cue, body));
            body.close("table");
        }
        return Pdf.print("Table of " + brief.title(), Pdf.Paper.A4, body);
    }

    private void cue(Cue cue, Html body) {
        body.open("tr").open("td", "box").element("span", "").close("td");
        body.element("td", "right", clock(cue.at()));
        body.open("td").element("strong", cue.text()).close("td");
        body.element("td", "quiet", broths.getOrDefault(cue.side(), "")).close("tr");
    }

    private String minder(String id) {
        return brief.guest(id)
                .map(Guest::name)
                .or(() -> brief.cooks().stream()
                        .filter(cook -> cook.id().equals(id))
                        .map(Cook::name)
                        .findFirst())
                .orElse("whoever minds the pots");
    }

    private byte[] guests() {
        Html body = new Html();
        for (int i = 0; i < brief.guests().size(); i++) {
            breakBefore(i > 0, body);
            guest(brief.guests().get(i), body);
        }
        return Pdf.print("Cards for " + brief.title(), Pdf.Paper.A6, body);
    }

    private void guest(Guest guest, Html body) {
        body.element("h1", guest.name());
        String needs =
                guest.needs().stream().map(Need::kind).map(kind -> kind.label()).collect(Collectors.joining(", "));
        if (!needs.isEmpty()) {
            body.element("p", needs);
        }
        String open = plan.table().guests().stream()
                .filter(pace -> pace.guest().equals(guest.id()))
                .flatMap(pace -> pace.sides().stream())
                .map(side -> broths.getOrDefault(side, side))
                .distinct()
                .collect(Collectors.joining(", "));
        body.element("p", "quiet", open.isEmpty() ? "No side is open." : "Eats from: " + open + ".");
        body.open("table");
        eaten(guest.id()).forEach((what, from) -> {
            body.open("tr").element("td", "right", from);
            body.element("td", what).close("tr");
        });
        plan.table().beside().stream()
                .filter(beside -> beside.guest().equals(guest.id()))
                .forEach(beside -> {
                    body.open("tr").element("td", "right", "bowl");
                    body.element("td", beside.amount() + " of " + name(beside)).close("tr");
                });
        body.close("table");
        body.element("p", "quiet", "Raw food goes in with its own tongs and comes out with others.");
    }

    private String name(TablePlan.Beside beside) {
        return plan.portions().cuts().stream()
                .filter(total -> total.cut().equals(beside.cut()))
                .map(total -> KitchenText.lower(total.name()))
                .findFirst()
                .orElse(beside.cut());
    }

    /** Each food of a guest in each side, with when it begins, in order of time. */
    private Map<String, String> eaten(String guest) {
        Map<String, String> eaten = new LinkedHashMap<>();
        plan.table().drops().stream()
                .filter(drop -> drop.gramsByGuest().containsKey(guest))
                .sorted(Comparator.comparingInt(drop -> firstBite(drop, guest)))
                .forEach(drop -> eaten.putIfAbsent(what(drop, guest), clock(firstBite(drop, guest))));
        return eaten;
    }

    private static int firstBite(Drop drop, String guest) {
        return drop.inBroth().stream()
                .filter(stay -> stay.servings().stream()
                        .anyMatch(serving -> serving.guest().equals(guest)))
                .mapToInt(Stay::takeOut)
                .min()
                .orElseThrow();
    }

    private String what(Drop drop, String guest) {
        String how = "";
        Stay stay = drop.inBroth().get(0);
        Optional<Stay> plate = drop.plateOf(stay);
        if (plate.isPresent()) {
            how = ", " + KitchenText.seconds(plate.get().seconds()) + " on the plate, then "
                    + KitchenText.seconds(stay.seconds()) + " in the broth";
        } else if (drop.dipped()) {
            how = (drop.minder() == null || drop.minder().equals(guest) ? ", dip " : ", dipped for you ")
                    + KitchenText.seconds(stay.seconds());
        } else if (drop.fished()) {
            how = ", fish it out";
        }
        return drop.name() + how + " (" + broths.getOrDefault(drop.side(), drop.side()) + ")";
    }

    private String clock(int second) {
        return CLOCK.format(brief.sitDown().plusSeconds(second));
    }

    private static void breakBefore(boolean next, Html body) {
        if (next) {
            body.open("div", "page").close("div");
        }
    }
}
