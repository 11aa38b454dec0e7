package org.livelyladle.server.household;

import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.List;
import java.util.Objects;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.brief.Offer;
import org.livelyladle.core.brief.PriceSnapshot;
import org.livelyladle.core.catalogue.Bought;
import org.springframework.stereotype.Component;

/** The household's first price list, invented; a party takes a dated copy of it. */
@Component
public class PriceList {
    private final List<Offer> offers = read();

    public List<Offer> offers() {
        return offers;
    }

    public PriceSnapshot snapshot(LocalDate asOf) {
        return new PriceSnapshot(asOf, offers, List.of());
    }

    private static List<Offer> read() {
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .setCommentMarker('#')
                .get();
        try (InputStreamReader reader = new InputStreamReader(
                Objects.requireNonNull(PriceList.class.getResourceAsStream("/household/prices.csv")),
                StandardCharsets.UTF_8)) {
            return format.parse(reader).stream().map(PriceList::offer).toList();
        } catch (IOException e) {
            throw new UncheckedIOException("The price list cannot be read", e);
        }
    }

    private static Offer offer(CSVRecord row) {
        return new Offer(
                row.get("id"),
                row.get("shop"),
                row.get("ingredient"),
                row.get("name"),
                whole(row.get("grams")),
                whole(row.get("priceCents")),
                whole(row.get("stepGrams")),
                whole(row.get("priceCentsPerKg")),
                row.get("bought").isEmpty() ? null : Bought.valueOf(row.get("bought")));
    }

    private static @Nullable Integer whole(String text) {
        return text.isEmpty() ? null : Integer.valueOf(text);
    }
}
