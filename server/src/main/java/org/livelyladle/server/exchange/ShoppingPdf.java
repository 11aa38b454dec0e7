package org.livelyladle.server.exchange;

import java.time.format.DateTimeFormatter;
import java.util.Locale;
import org.livelyladle.core.equipment.Equipment;
import org.livelyladle.core.plan.Plan;
import org.livelyladle.core.purchases.Purchases;

/** The shopping list to print: by shop and aisle, with boxes to tick, and what to set out besides food. */
final class ShoppingPdf {
    private static final DateTimeFormatter WHEN = DateTimeFormatter.ofPattern("EEE d MMM, HH:mm", Locale.ENGLISH);

    private ShoppingPdf() {}

    static byte[] write(String title, Plan plan) {
        Html body = new Html().element("h1", "Shopping for " + title);
        body.element("p", "In all " + plan.purchases().bill().text());
        plan.purchases().trips().forEach(trip -> trip(trip, body));
        if (!plan.equipment().isEmpty()) {
            body.element("h2", "To have at hand").open("table");
            for (Equipment item : plan.equipment()) {
                body.open("tr");
                box(body, false);
                body.element("td", item.name())
                        .element("td", "right", item.count().text());
                body.element("td", "quiet", item.remark()).close("tr");
            }
            body.close("table");
        }
        return Pdf.print("Shopping for " + title, body);
    }

    private static void trip(Purchases.Trip trip, Html body) {
        body.element(
                "h2",
                trip.name() + ", " + WHEN.format(trip.at()) + " · "
                        + trip.bill().text());
        trip.lines().stream().map(Purchases.Line::aisle).distinct().forEach(aisle -> {
            body.element("h3", aisle).open("table");
            trip.lines().stream().filter(line -> line.aisle().equals(aisle)).forEach(line -> line(line, body));
            body.close("table");
        });
    }

    private static void line(Purchases.Line line, Html body) {
        body.open("tr");
        box(body, line.boughtEvent() != null);
        body.element("td", line.name());
        body.element("td", "right", line.amount() + (line.deal() == null ? "" : ", " + line.deal()));
        body.element("td", "right quiet", line.unitPrice());
        body.element("td", "right", line.cost().text()).close("tr");
    }

    private static void box(Html body, boolean ticked) {
        body.open("td", ticked ? "box done" : "box").element("span", "").close("td");
    }
}
