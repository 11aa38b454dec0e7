package org.livelyladle.server.exchange;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.livelyladle.core.purchases.Purchases;

/** The shopping list as CSV (RFC 4180), a line a pack. */
final class ShoppingCsv {
    private static final CSVFormat FORMAT = CSVFormat.RFC4180
            .builder()
            .setHeader("shop", "trip", "aisle", "item", "amount", "grams", "unit price", "cost", "currency", "bought")
            .get();

    private ShoppingCsv() {}

    static String write(Purchases purchases, String currency) {
        StringBuilder text = new StringBuilder();
        try (CSVPrinter printer = new CSVPrinter(text, FORMAT)) {
            for (Purchases.Trip trip : purchases.trips()) {
                for (Purchases.Line line : trip.lines()) {
                    printer.printRecord(
                            harmless(trip.name()),
                            trip.at(),
                            harmless(line.aisle()),
                            harmless(line.name()),
                            harmless(line.amount()),
                            Math.round(line.grams()),
                            harmless(line.unitPrice()),
                            BigDecimal.valueOf(Math.round(line.cost().value()), 2),
                            currency,
                            line.boughtEvent() == null ? "no" : "yes");
                }
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return text.toString();
    }

    /** A cell a spreadsheet would take for a formula gets an apostrophe before it. */
    static String harmless(String cell) {
        return !cell.isEmpty() && "=+-@\t\r\n".indexOf(cell.charAt(0)) >= 0 ? "'" + cell : cell;
    }
}
