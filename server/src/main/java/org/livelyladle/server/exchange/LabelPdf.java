package org.livelyladle.server.exchange;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import org.livelyladle.core.afterwards.Keeping;
import org.livelyladle.core.catalogue.Allergen;
import org.livelyladle.core.measure.KitchenText;

/** Labels for boxes of what is left: what it is, until when, what to do with it, and what somebody may not bear. */
final class LabelPdf {
    private static final DateTimeFormatter MONTH = DateTimeFormatter.ofPattern("d MMM uuuu", Locale.ENGLISH);
    private static final int COLUMNS = 2;

    private LabelPdf() {}

    /** @param packed the day of the evening */
    static byte[] of(String title, LocalDate packed, List<Keeping> keeping) {
        List<Keeping> kept = keeping.stream().filter(one -> one.until() != null).toList();
        Html body = new Html();
        if (kept.isEmpty()) {
            body.element("h1", "Nothing is kept.");
        }
        body.open("table", "labels");
        for (int from = 0; from < kept.size(); from += COLUMNS) {
            body.open("tr");
            for (int i = from; i < from + COLUMNS; i++) {
                body.open("td");
                if (i < kept.size()) {
                    label(kept.get(i), packed, body);
                }
                body.close("td");
            }
            body.close("tr");
        }
        body.close("table");
        return Pdf.print("Labels of " + title, body);
    }

    private static void label(Keeping one, LocalDate packed, Html body) {
        body.element("h2", one.name() + ", " + one.amount());
        body.open("p")
                .element("strong", "Until " + KitchenText.day(one.until()))
                .close("p");
        if (one.frozenUntil() != null) {
            body.element("p", "Frozen the same evening: until " + MONTH.format(one.frozenUntil()));
        }
        body.element("p", "Packed " + KitchenText.day(packed) + "; " + one.way().label() + ".");
        String allergens = one.allergens().stream().map(Allergen::label).collect(Collectors.joining(", "));
        body.element(
                "p", "quiet", allergens.isEmpty() ? "No allergen that is to be named." : "Holds " + allergens + ".");
    }
}
