package org.livelyladle.server.exchange;

import java.time.format.DateTimeFormatter;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.TreeMap;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Cook;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.measure.KitchenText;
import org.livelyladle.core.plan.Plan;
import org.livelyladle.core.seat.Seat;
import org.livelyladle.core.seat.Turn;
import org.livelyladle.core.sides.SideNames;
import org.livelyladle.core.table.Cue;

/** The table on paper: a card of cues for each minder, and a small card for each guest. */
final class TablePdf {
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEEE d MMMM", Locale.ENGLISH);

    private final Brief brief;
    private final Plan plan;
    private final Map<String, String> sides;

    private TablePdf(Brief brief, Plan plan) {
        this.brief = brief;
        this.plan = plan;
        this.sides = SideNames.of(brief, plan.broths().sides());
    }

    static byte[] minders(Brief brief, Plan plan) {
        return new TablePdf(brief, plan).minders();
    }

    static byte[] guests(Brief brief, Plan plan, List<Seat> seats) {
        return new TablePdf(brief, plan).guests(seats);
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
        body.element("td", "small", sides.getOrDefault(cue.side(), "")).close("tr");
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

    private byte[] guests(List<Seat> seats) {
        Html body = new Html();
        for (int i = 0; i < seats.size(); i++) {
            breakBefore(i > 0, body);
            guest(seats.get(i), body);
        }
        return Pdf.print("Cards for " + brief.title(), Pdf.Paper.A6, body);
    }

    /** The same a guest's phone says. */
    private void guest(Seat seat, Html body) {
        body.element("h1", seat.name());
        line(body, "", seat.needs().stream().map(Seat.OwnNeed::label));
        String open = sides(seat, true);
        body.element("p", "quiet", open.isEmpty() ? "No side is open." : "Eats from: " + open + ".");
        String closed = sides(seat, false);
        if (!closed.isEmpty()) {
            body.element("p", "quiet", "Not from: " + closed + ".");
        }
        line(
                body,
                "Sauce: ",
                seat.sauces().stream()
                        .map(sauce -> Stream.of(sauce.name(), sauce.amount(), sauce.remark())
                                .filter(text -> !text.isEmpty())
                                .collect(Collectors.joining(", "))));
        body.element("p", "quiet", "Raw food goes in with its own tongs and comes out with others.");
        body.open("table");
        turns(seat, turn -> turn.forWhom() == null, body);
        seat.bowl().forEach(food -> {
            body.open("tr").element("td", "right", "bowl");
            body.element("td", food.amount() + " of " + KitchenText.lower(food.name()));
            body.element("td", "").close("tr");
        });
        body.close("table");
        if (seat.turns().stream().anyMatch(turn -> turn.forWhom() != null)) {
            body.element("h2", "You cook");
            body.open("table");
            turns(seat, turn -> turn.forWhom() != null, body);
            body.close("table");
        }
    }

    private void turns(Seat seat, Predicate<Turn> which, Html body) {
        seat.turns().stream()
                .filter(which)
                .filter(turn -> turn.when() != Turn.When.HAD)
                .sorted(Comparator.comparingInt(Turn::at))
                .forEach(turn -> {
                    body.open("tr").element("td", "right", clock(turn.at()));
                    body.element("td", what(turn));
                    body.element("td", "small", sides.getOrDefault(turn.side(), turn.side()))
                            .close("tr");
                });
    }

    private static void line(Html body, String before, Stream<String> words) {
        String text = words.collect(Collectors.joining("; "));
        if (!text.isEmpty()) {
            body.element("p", before + text);
        }
    }

    private static String sides(Seat seat, boolean open) {
        return seat.sides().stream()
                .filter(side -> side.closed().isEmpty() == open)
                .map(Seat.SideForYou::name)
                .distinct()
                .collect(Collectors.joining(", "));
    }

    private String what(Turn turn) {
        String time = KitchenText.seconds(turn.seconds());
        Integer plate = turn.plateSeconds();
        String how = switch (turn.act()) {
            case DIP -> ", dip " + time;
            case BASKET -> ", in your basket " + time;
            case BROWN ->
                ", " + KitchenText.seconds(Objects.requireNonNullElse(plate, 0)) + " on the plate, then " + time
                        + " in the broth";
            case FISH -> ", fish it out";
            case SERVED -> "";
        };
        String liked = turn.how().isEmpty() ? "" : ", " + turn.how();
        String forWhom = turn.forWhom() == null ? "" : " for " + turn.forWhom();
        return turn.name() + forWhom + how + liked;
    }

    private String clock(int second) {
        return KitchenText.clock(brief.sitDown().plusSeconds(second));
    }

    private static void breakBefore(boolean next, Html body) {
        if (next) {
            body.open("div", "page").close("div");
        }
    }
}
