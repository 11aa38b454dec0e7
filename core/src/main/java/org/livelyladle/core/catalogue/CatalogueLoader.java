package org.livelyladle.core.catalogue;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.check.Check;

/** Reads and checks the catalogue files; the first thing wrong ends the reading with its place and what is accepted. */
final class CatalogueLoader {
    private static final String VERSION = "1";
    private static final int LONGEST_SECONDS = 4 * 3600;

    private final CatalogueFiles files;
    private final Set<String> ingredientIds = new LinkedHashSet<>();
    private final Set<String> servedIds = new LinkedHashSet<>();
    private final Set<String> prepIds = new LinkedHashSet<>();
    private final Set<String> brothIds = new LinkedHashSet<>();
    private final Set<String> otherIds = new LinkedHashSet<>();

    CatalogueLoader(CatalogueFiles files) {
        this.files = files;
    }

    static CatalogueLoader fromResources() {
        return new CatalogueLoader(CatalogueFiles.resources());
    }

    Catalogue load() {
        List<Ingredient> ingredients =
                files.csv("ingredients.csv").stream().map(this::ingredient).toList();
        List<PrepStep> prepSteps = files.yaml("prep.yaml").stream()
                .map(entry -> prepStep(entry.row()))
                .toList();
        List<Cut> cuts = files.csv("cuts.csv").stream().map(this::cut).toList();
        List<Broth> broths = files.yaml("broths.yaml").stream().map(this::broth).toList();
        List<Sauce> sauces = files.yaml("sauces.yaml").stream().map(this::sauce).toList();
        List<Extra> extras = files.csv("extras.csv").stream()
                .map(row -> new Extra(
                        ingredientOf(row),
                        row.oneOf("kind", Extra.Kind.class),
                        row.yesNo("adultsOnly"),
                        row.number("weight", 0.05, 1),
                        row.oneOf("served", Extra.Served.class),
                        whole(row, "glassMl", 20, 1000),
                        row.mark()))
                .toList();
        List<BarPart> sauceBar = files.csv("sauce-bar.csv").stream()
                .map(row -> new BarPart(ingredientOf(row), row.oneOf("role", BarPart.Role.class), row.mark()))
                .toList();
        return new Catalogue(VERSION, ingredients, cuts, broths, sauces, prepSteps, extras, sauceBar);
    }

    private Ingredient ingredient(Row row) {
        Category category = row.oneOf("category", Category.class);
        String id = unique(row, ingredientIds);
        if (category != Category.LARDER) {
            servedIds.add(id);
        }
        return new Ingredient(
                id,
                row.text("name"),
                category,
                row.oneOf("origin", Origin.class),
                Check.ordered(row.someOf("allergens", Allergen.class), Allergen.class),
                Check.ordered(row.someOf("traits", Trait.class), Trait.class),
                row.oneOf("aisle", Aisle.class),
                row.number("edibleShare", 0.05, 4),
                row.number("densityGPerMl", 0.1, 3),
                row.whole("keepsDays", 0, 3650),
                whole(row, "oneGrams", 1, 20_000),
                row.raw("oneCalled"),
                row.mark(),
                row.parts("alsoCalled"),
                row.raw("remark"));
    }

    private static @Nullable Integer whole(Row row, String field, int least, int most) {
        OptionalInt number = row.optionalWhole(field, least, most);
        return number.isPresent() ? number.getAsInt() : null;
    }

    private PrepStep prepStep(Row row) {
        return new PrepStep(
                unique(row, prepIds),
                row.text("verb"),
                row.text("tool"),
                row.number("minutes", 0, 1440),
                row.number("minutesPerKg", 0, 240),
                row.yesNo("passive"),
                row.oneOf("at", Station.class),
                row.yesNo("knife"),
                row.yesNo("shopCuts"),
                row.whole("handsMinutes", 0, 60),
                row.whole("keepsMinutes", 0, 10_080),
                row.raw("caution"),
                row.mark());
    }

    private Cut cut(Row row) {
        Shape shape = row.oneOf("shape", Shape.class);
        List<Double> sizes = row.sizes("sizesMm");
        if (sizes.size() != shape.dimensions()) {
            throw row.refuse("sizesMm", shape.dimensions() + " sizes joined by x for " + shape);
        }
        OptionalDouble pieceGrams = row.optionalNumber("pieceGrams", 0.5, 500);
        RawRisk risk = row.oneOf("rawRisk", RawRisk.class);
        return new Cut(
                unique(row, otherIds),
                row.reference("ingredient", servedIds::contains, "ingredient that is served"),
                row.raw("name"),
                shape,
                sizes,
                row.oneOf("start", StartState.class),
                pieceGrams.isPresent() ? pieceGrams.getAsDouble() : null,
                times(row, risk),
                frozenTimes(row, risk),
                row.text("cue"),
                row.yesNo("byHand"),
                governed(row, shape),
                row.raw("toughens").isEmpty() ? null : row.oneOf("toughens", Family.class),
                row.optionalWhole("leastReadyS", 1, LONGEST_SECONDS).orElse(0),
                risk,
                safeCore(row, risk),
                risk == RawRisk.NONE ? "" : row.text("safeSource"),
                row.oneOf("choking", Choking.class),
                row.someOf("textures", Texture.class),
                row.number("dryShare", 0.05, 1),
                row.number("swell", 0.5, 8),
                row.parts("prep").stream().peek(step -> checkPrep(row, step)).toList(),
                row.oneOf("bought", Bought.class),
                row.yesNo("makerCooks"),
                row.mark());
    }

    private void checkPrep(Row row, String step) {
        if (!prepIds.contains(step)) {
            throw row.refuse("prep", "ids of known prep steps joined by |");
        }
    }

    private static Governed governed(Row row, Shape shape) {
        String accepted = "'core' with 30 to 95 °C, 'softens' with an exponent of 0.5 to 2, or 'stated'";
        String[] words = row.text("governed").split(" ");
        if (words[0].equals("stated") && words.length == 1) {
            return Governed.STATED;
        }
        if (words.length == 2 && words[0].equals("core") && shape.isHeated()) {
            return new Governed(Governed.By.CORE, row.amount("governed", words[1], 30, 95));
        }
        if (words.length == 2 && words[0].equals("softens")) {
            return new Governed(Governed.By.SOFTENS, row.amount("governed", words[1], 0.5, 2));
        }
        throw row.refuse("governed", accepted);
    }

    private static @Nullable Integer safeCore(Row row, RawRisk risk) {
        if (risk == RawRisk.NONE) {
            return null;
        }
        return row.whole("safeCoreC", risk.minimumCoreC(), 100);
    }

    private static Times times(Row row, RawRisk risk) {
        int pleasant = row.whole("pleasantS", 1, LONGEST_SECONDS);
        int safe = risk == RawRisk.NONE ? 0 : row.whole("safeS", 1, LONGEST_SECONDS);
        int ready = Math.max(pleasant, safe);
        int best = row.whole("bestUntilS", ready, LONGEST_SECONDS);
        return new Times(pleasant, safe, best, row.whole("overcookedS", best + 1, LONGEST_SECONDS));
    }

    /** From the freezer it takes longer by as much as its own ready time does; a raw cut has its own safe time too. */
    private static @Nullable Times frozenTimes(Row row, RawRisk risk) {
        OptionalInt pleasant = row.optionalWhole("frozenPleasantS", 1, LONGEST_SECONDS);
        if (pleasant.isEmpty()) {
            return null;
        }
        int safe = risk == RawRisk.NONE ? 0 : row.whole("frozenSafeS", 1, LONGEST_SECONDS);
        Times chilled = times(row, risk);
        int later = Math.max(pleasant.getAsInt(), safe) - chilled.ready();
        if (later < 0) {
            throw row.refuse("frozenPleasantS", "a time no shorter than from the fridge");
        }
        return new Times(pleasant.getAsInt(), safe, chilled.bestUntil() + later, chilled.overcooked() + later);
    }

    private Broth broth(CatalogueFiles.Entry entry) {
        Row row = entry.row();
        List<Broth.BrothStep> steps = new ArrayList<>();
        Set<String> stepIds = new LinkedHashSet<>();
        for (Row step : entry.list("steps")) {
            steps.add(new Broth.BrothStep(
                    unique(step, stepIds),
                    step.text("text"),
                    step.number("minutes", 0, 1440),
                    step.number("minutesPerLitre", 0, 120),
                    step.yesNo("passive"),
                    step.oneOf("at", Station.class),
                    step.raw("caution")));
        }
        String id = unique(row, otherIds);
        brothIds.add(id);
        return new Broth(
                id,
                row.text("name"),
                row.text("remark"),
                row.id("tint"),
                row.oneOf("heat", Heat.class),
                row.number("saltPercent", 0, 5),
                row.oneOf("source", Broth.Source.class),
                row.number("waterMlPerLitre", 0, 3000),
                base(row),
                entry.list("parts").stream().map(this::brothPart).toList(),
                steps,
                row.mark());
    }

    /** Stands above those made from it. */
    private Broth.@Nullable Base base(Row row) {
        return row.raw("base").isEmpty()
                ? null
                : new Broth.Base(
                        row.reference("base", brothIds::contains, "broth further up"),
                        row.number("baseMlPerLitre", 100, 1000));
    }

    private Broth.Part brothPart(Row part) {
        OptionalDouble piece = part.optionalNumber("pieceGrams", 0.05, 500);
        return new Broth.Part(
                part.reference("ingredient", ingredientIds::contains, "ingredient"),
                part.number("gramsPerLitre", 0.1, 1000),
                part.raw("scaling").isEmpty() ? Broth.Scaling.LINEAR : part.oneOf("scaling", Broth.Scaling.class),
                piece.isPresent() ? piece.getAsDouble() : null);
    }

    private Sauce sauce(CatalogueFiles.Entry entry) {
        Row row = entry.row();
        return new Sauce(
                unique(row, otherIds),
                row.text("name"),
                row.text("remark"),
                row.yesNo("rawEgg"),
                row.oneOf("use", Sauce.Use.class),
                row.number("brothMlPer100", 0, 80),
                entry.list("parts").stream()
                        .map(part -> new Sauce.Part(
                                part.reference("ingredient", ingredientIds::contains, "ingredient"),
                                part.number("mlPer100", 0.1, 100)))
                        .toList(),
                row.number("minutes", 0, 240),
                row.mark());
    }

    private String ingredientOf(Row row) {
        return row.reference("ingredient", ingredientIds::contains, "ingredient");
    }

    private static String unique(Row row, Set<String> ids) {
        String id = row.id("id");
        if (!ids.add(id)) {
            throw row.refuse("id", "an id no other entry has");
        }
        return id;
    }
}
