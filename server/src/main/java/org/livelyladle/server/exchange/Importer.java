package org.livelyladle.server.exchange;

import ezvcard.VCard;
import ezvcard.io.text.VCardReader;
import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.apache.commons.csv.DuplicateHeaderMode;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.brief.Appetite;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.brief.Need;
import org.livelyladle.core.brief.NeedKind;
import org.livelyladle.core.brief.Offer;
import org.livelyladle.core.brief.PantryItem;
import org.livelyladle.core.brief.Shop;
import org.livelyladle.core.brief.Strength;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.catalogue.Heat;
import org.livelyladle.core.catalogue.Ingredient;
import org.livelyladle.core.check.Check;
import org.livelyladle.core.check.InvalidInputException;

/** Reads guests, pantry or prices out of a file, row by row, so that one bad row harms no other. One use per file. */
final class Importer {
    private static final int MOST_ROWS = 2000;

    private interface RowTaker {
        /** Takes a row over and says what it took. */
        String take(RowReader row);
    }

    /** A pack that nobody carries home is a mistake. */
    private static final int MOST_GRAMS = 50_000;

    private final Brief brief;
    private final Catalogue catalogue;
    private final List<ImportPreview.Row> rows = new ArrayList<>();
    private final List<Guest> guests = new ArrayList<>();
    private final List<PantryItem> pantry = new ArrayList<>();
    private final List<Offer> offers = new ArrayList<>();
    private final Set<String> taken = new HashSet<>();

    Importer(Brief brief, Catalogue catalogue) {
        this.brief = brief;
        this.catalogue = brief.extend(catalogue);
        brief.guests().forEach(guest -> taken.add(guest.id()));
        brief.prices().offers().forEach(offer -> taken.add(offer.id()));
    }

    ImportPreview guestsFromCsv(String text) {
        return csv(text, List.of("name"), this::guest);
    }

    ImportPreview pantryFromCsv(String text) {
        return csv(text, List.of("ingredient", "grams"), this::pantryItem);
    }

    ImportPreview pricesFromCsv(String text) {
        return csv(text, List.of("shop", "ingredient"), this::offer);
    }

    /** Names from FN, needs from CATEGORIES; all else in the cards is left alone. */
    ImportPreview guestsFromVCards(String text) {
        List<VCard> cards = cards(text);
        if (cards.isEmpty()) {
            throw new InvalidInputException("file", "no card", "a vCard file (BEGIN:VCARD ... END:VCARD)");
        }
        checkCount(cards.size());
        for (int i = 0; i < cards.size(); i++) {
            VCard card = cards.get(i);
            Map<String, String> cells = new TreeMap<>();
            cells.put(
                    "name",
                    card.getFormattedName() == null
                            ? ""
                            : card.getFormattedName().getValue());
            List<String> categories = card.getCategories() == null
                    ? List.of()
                    : card.getCategories().getValues();
            cells.put(
                    "needs",
                    String.join(
                            "|",
                            categories.stream()
                                    .filter(name -> RowReader.find(name, NeedKind.class, NeedKind::label)
                                            .isPresent())
                                    .toList()));
            row(i + 1, new RowReader(cells), this::guest);
        }
        return preview();
    }

    private static List<VCard> cards(String text) {
        try (VCardReader reader = new VCardReader(text)) {
            return reader.readAll();
        } catch (IOException e) {
            throw new InvalidInputException("file", "no vCard", "a vCard file of version 2.1 to 4.0");
        }
    }

    private ImportPreview csv(String text, List<String> needed, RowTaker taker) {
        String plain = text.startsWith("\uFEFF") ? text.substring(1) : text;
        String head = plain.lines().findFirst().orElse("");
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setDelimiter(head.contains(";") && !head.contains(",") ? ';' : ',')
                .setHeader()
                .setSkipHeaderRecord(true)
                .setIgnoreHeaderCase(true)
                .setDuplicateHeaderMode(DuplicateHeaderMode.DISALLOW)
                .setTrim(true)
                .setIgnoreEmptyLines(true)
                .get();
        try (CSVParser parser = CSVParser.parse(new StringReader(plain), format)) {
            checkHeader(parser.getHeaderNames(), needed);
            for (CSVRecord record : parser) {
                checkCount(record.getRecordNumber());
                Map<String, String> cells = new TreeMap<>(String.CASE_INSENSITIVE_ORDER);
                cells.putAll(record.toMap());
                row(parser.getCurrentLineNumber(), new RowReader(cells), taker);
            }
        } catch (IOException | UncheckedIOException | IllegalArgumentException e) {
            if (e instanceof InvalidInputException invalid) {
                throw invalid;
            }
            throw new InvalidInputException("file", "not CSV", "CSV with a header line, each column once (RFC 4180)");
        }
        return preview();
    }

    private static void checkHeader(List<String> names, List<String> needed) {
        Set<String> known = new HashSet<>();
        names.forEach(name -> known.add(name.toLowerCase(Locale.ROOT)));
        if (!known.containsAll(needed)) {
            throw new InvalidInputException(
                    "file", "a header of " + String.join(", ", names), "a header with " + String.join(" and ", needed));
        }
    }

    private static void checkCount(long count) {
        if (count > MOST_ROWS) {
            throw new InvalidInputException("file", "more than " + MOST_ROWS + " rows", "at most " + MOST_ROWS);
        }
    }

    private void row(long number, RowReader reader, RowTaker taker) {
        try {
            rows.add(new ImportPreview.Row(number, true, taker.take(reader)));
        } catch (InvalidInputException e) {
            rows.add(new ImportPreview.Row(
                    number, false, e.field() + " was " + e.was() + "; accepted is " + e.accepted()));
        }
    }

    private ImportPreview preview() {
        return new ImportPreview(rows, guests, pantry, offers);
    }

    private String guest(RowReader row) {
        String name = row.required("name");
        boolean known = brief.guests().stream().anyMatch(guest -> guest.name().equalsIgnoreCase(name))
                || guests.stream().anyMatch(guest -> guest.name().equalsIgnoreCase(name));
        if (known) {
            throw new InvalidInputException("name", name, "a name that is not on the list yet");
        }
        List<Need> needs = row.someOf("needs", NeedKind.class, NeedKind::label).stream()
                .map(kind -> new Need(kind, kind.allergen().isPresent() ? Strength.MEDICAL : Strength.DIET))
                .toList();
        Guest guest = Guest.of(
                        fresh("guest"),
                        name,
                        row.oneOf("appetite", Appetite.class, Appetite::label, Appetite.REGULAR),
                        row.oneOf("heat", Heat.class, Heat::label, Heat.MEDIUM))
                .alsoKeeping(needs);
        guests.add(guest);
        String said = String.join(
                ", ", needs.stream().map(need -> need.kind().label()).toList());
        return guest.name() + ", " + guest.appetite().label() + (said.isEmpty() ? "" : ", " + said);
    }

    private String pantryItem(RowReader row) {
        Ingredient ingredient = ingredient(row);
        Double grams = row.grams("grams");
        if (grams == null) {
            throw new InvalidInputException("grams", "empty", "a weight such as 500 g");
        }
        if (pantry.stream().anyMatch(item -> item.ingredient().equals(ingredient.id()))) {
            throw new InvalidInputException("ingredient", ingredient.name(), "each ingredient once");
        }
        pantry.add(new PantryItem(ingredient.id(), grams));
        return ingredient.name() + ", " + Math.round(grams) + " g";
    }

    private String offer(RowReader row) {
        String wanted = row.required("shop");
        Shop shop = brief.shops().stream()
                .filter(s -> s.id().equals(wanted) || s.name().equalsIgnoreCase(wanted))
                .findFirst()
                .orElseThrow(() -> new InvalidInputException(
                        "shop",
                        wanted,
                        "one of "
                                + String.join(
                                        ", ",
                                        brief.shops().stream().map(Shop::name).toList())));
        Ingredient ingredient = ingredient(row);
        String name = row.optional("name");
        Integer perKg = row.cents("price per kg");
        Double grams = row.grams("grams");
        Offer offer = new Offer(
                fresh("own-" + ingredient.id()),
                shop.id(),
                ingredient.id(),
                name.isEmpty() ? ingredient.name() : name,
                perKg == null ? whole(grams, "grams") : null,
                perKg == null ? row.cents("price") : null,
                perKg == null ? null : whole(row.grams("step"), "step"),
                perKg);
        offers.add(offer);
        return offer.name() + " at " + shop.name();
    }

    private static @Nullable Integer whole(@Nullable Double grams, String column) {
        if (grams == null) {
            throw new InvalidInputException(column, "empty", "a weight such as 500 g");
        }
        return (int) Math.round(Check.range(grams, column, 1, MOST_GRAMS));
    }

    private Ingredient ingredient(RowReader row) {
        String wanted = row.required("ingredient");
        return catalogue.ingredients().stream()
                .filter(item -> item.id().equals(wanted) || item.name().equalsIgnoreCase(wanted))
                .findFirst()
                .orElseThrow(() -> new InvalidInputException(
                        "ingredient", wanted, "the name or id of an ingredient of the catalogue"));
    }

    private String fresh(String prefix) {
        int n = 1;
        while (!taken.add(prefix + "-" + n)) {
            n++;
        }
        return prefix + "-" + n;
    }
}
