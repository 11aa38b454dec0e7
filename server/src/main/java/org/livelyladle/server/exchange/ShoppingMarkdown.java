package org.livelyladle.server.exchange;

import java.time.format.DateTimeFormatter;
import java.util.Locale;
import java.util.regex.Pattern;
import org.livelyladle.core.purchases.Purchases;

/** The shopping list as Markdown with boxes to tick, by shop and aisle. */
final class ShoppingMarkdown {
    private static final DateTimeFormatter WHEN = DateTimeFormatter.ofPattern("EEE d MMM, HH:mm", Locale.ENGLISH);
    private static final Pattern MARKS = Pattern.compile("([\\\\`*_\\[\\]<>#|~])");

    private ShoppingMarkdown() {}

    static String write(String title, Purchases purchases) {
        StringBuilder text =
                new StringBuilder("# Shopping for ").append(plain(title)).append("\n\n");
        text.append("In all ").append(purchases.bill().text()).append("\n");
        for (Purchases.Trip trip : purchases.trips()) {
            text.append("\n## ").append(plain(trip.name())).append(", ").append(WHEN.format(trip.at()));
            text.append(" (").append(trip.bill().text()).append(")\n");
            String aisle = "";
            for (Purchases.Line line : trip.lines()) {
                if (!line.aisle().equals(aisle)) {
                    aisle = line.aisle();
                    text.append("\n### ").append(plain(aisle)).append("\n\n");
                }
                text.append(line.boughtEvent() == null ? "- [ ] " : "- [x] ");
                text.append(plain(line.name())).append(", ").append(line.amount());
                text.append(", ").append(line.cost().text()).append("\n");
            }
        }
        return text.toString();
    }

    /** Letters that would format or link are written out. */
    private static String plain(String text) {
        return MARKS.matcher(text).replaceAll("\\\\$1");
    }
}
