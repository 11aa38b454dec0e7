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
                            CsvCell.harmless(trip.name()),
                            trip.at(),
                            CsvCell.harmless(line.aisle()),
                            CsvCell.harmless(line.name()),
                            CsvCell.harmless(line.amount()),
                            Math.round(line.grams()),
                            CsvCell.harmless(line.unitPrice()),
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
}
