package org.livelyladle.core.catalogue;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;
import org.livelyladle.core.measure.Mark;

/** All that is known about food, by id and in the files' order. Immutable and checked as a whole by its loader. */
public final class Catalogue {
    private final String version;
    private final Map<String, Ingredient> ingredients;
    private final Map<String, Cut> cuts;
    private final Map<String, Broth> broths;
    private final Map<String, Sauce> sauces;
    private final Map<String, PrepStep> prepSteps;
    private final Map<String, Extra> extras;
    private final Map<String, BarPart> sauceBar;

    Catalogue(
            String version,
            List<Ingredient> ingredients,
            List<Cut> cuts,
            List<Broth> broths,
            List<Sauce> sauces,
            List<PrepStep> prepSteps,
            List<Extra> extras,
            List<BarPart> sauceBar) {
        this.version = version;
        this.ingredients = byId(ingredients, Ingredient::id);
        this.cuts = byId(cuts, Cut::id);
        this.broths = byId(broths, Broth::id);
        this.sauces = byId(sauces, Sauce::id);
        this.prepSteps = byId(prepSteps, PrepStep::id);
        this.extras = byId(extras, Extra::ingredient);
        this.sauceBar = byId(sauceBar, BarPart::ingredient);
    }

    /** The catalogue shipped with the program. */
    public static Catalogue builtIn() {
        return BuiltIn.CATALOGUE;
    }

    private static final class BuiltIn {
        private static final Catalogue CATALOGUE =
                CatalogueLoader.fromResources().load();
    }

    private static <T> Map<String, T> byId(List<T> items, Function<T, String> id) {
        Map<String, T> map = new LinkedHashMap<>();
        items.forEach(item -> map.put(id.apply(item), item));
        return Collections.unmodifiableMap(map);
    }

    /** The same catalogue with more ingredients and cuts; those of a known id take its place. */
    public Catalogue with(List<Ingredient> moreIngredients, List<Cut> moreCuts) {
        return with(moreIngredients, moreCuts, List.of(), List.of(), List.of());
    }

    /** The same catalogue with more broths; one of a known id takes its place. */
    public Catalogue withBroths(List<Broth> more) {
        return with(List.of(), List.of(), more, List.of(), List.of());
    }

    /** The same catalogue with more sauces; one of a known id takes its place. */
    public Catalogue withSauces(List<Sauce> more) {
        return with(List.of(), List.of(), List.of(), more, List.of());
    }

    /** The same catalogue with more that can stand beside the pots; one of a known ingredient takes its place. */
    public Catalogue withExtras(List<Extra> more) {
        return with(List.of(), List.of(), List.of(), List.of(), more);
    }

    private Catalogue with(
            List<Ingredient> moreIngredients,
            List<Cut> moreCuts,
            List<Broth> moreBroths,
            List<Sauce> moreSauces,
            List<Extra> moreExtras) {
        return new Catalogue(
                version,
                concat(ingredients, moreIngredients),
                concat(cuts, moreCuts),
                concat(broths, moreBroths),
                concat(sauces, moreSauces),
                List.copyOf(prepSteps.values()),
                concat(extras, moreExtras),
                List.copyOf(sauceBar.values()));
    }

    private static <T> List<T> concat(Map<String, T> known, List<T> more) {
        return Stream.concat(known.values().stream(), more.stream()).toList();
    }

    public String version() {
        return version;
    }

    public Collection<Ingredient> ingredients() {
        return ingredients.values();
    }

    /** The smallest form of the same food that a small child cannot choke on, for one that a child could. */
    public Optional<Cut> forSmallChildren(Cut cut) {
        return cut.choking() != Choking.ROUND
                ? Optional.empty()
                : cuts().stream()
                        .filter(other -> other.ingredient().equals(cut.ingredient()))
                        .filter(other -> other.choking() == Choking.NONE && other.pieceGrams() != null)
                        .min(Comparator.comparingDouble(other -> Objects.requireNonNull(other.pieceGrams())));
    }

    public Collection<Cut> cuts() {
        return cuts.values();
    }

    public Collection<Broth> broths() {
        return broths.values();
    }

    public Collection<Sauce> sauces() {
        return sauces.values();
    }

    /** What can stand beside the pots. */
    public Collection<Extra> extras() {
        return extras.values();
    }

    /** What usually stands on a sauce bar; {@link #findBarPart} knows everything that can. */
    public Collection<BarPart> sauceBar() {
        return sauceBar.values();
    }

    public Optional<Extra> findExtra(String ingredient) {
        return Optional.ofNullable(extras.get(ingredient));
    }

    /** Anything of the larder can stand on the sauce bar. */
    public Optional<BarPart> findBarPart(String ingredient) {
        return Optional.ofNullable(sauceBar.get(ingredient))
                .or(() -> findIngredient(ingredient)
                        .filter(known -> known.category() == Category.LARDER)
                        .map(known -> new BarPart(ingredient, BarPart.Role.ALSO, Mark.MEMORY)));
    }

    public Optional<Ingredient> findIngredient(String id) {
        return Optional.ofNullable(ingredients.get(id));
    }

    public Optional<Cut> findCut(String id) {
        return Optional.ofNullable(cuts.get(id));
    }

    public Optional<Broth> findBroth(String id) {
        return Optional.ofNullable(broths.get(id));
    }

    public Optional<Sauce> findSauce(String id) {
        return Optional.ofNullable(sauces.get(id));
    }

    public Ingredient ingredient(String id) {
        return known(findIngredient(id), "ingredient", id);
    }

    public Cut cut(String id) {
        return known(findCut(id), "cut", id);
    }

    public Broth broth(String id) {
        return known(findBroth(id), "broth", id);
    }

    public Sauce sauce(String id) {
        return known(findSauce(id), "sauce", id);
    }

    public PrepStep prepStep(String id) {
        return known(Optional.ofNullable(prepSteps.get(id)), "prep step", id);
    }

    /** All that is in a broth, what its base holds included. */
    public List<Ingredient> ingredientsOf(Broth broth) {
        List<Ingredient> all = new ArrayList<>();
        if (broth.base() != null) {
            all.addAll(ingredientsOf(broth(broth.base().broth())));
        }
        broth.parts().forEach(part -> all.add(ingredient(part.ingredient())));
        return all;
    }

    public Ingredient ingredientOf(Cut cut) {
        return ingredient(cut.ingredient());
    }

    /** "Prawns, peeled": the name a host says, unique among cuts. */
    public String fullName(Cut cut) {
        String name = ingredientOf(cut).name();
        return cut.name().isEmpty() ? name : name + ", " + cut.name();
    }

    private static <T> T known(Optional<T> item, String kind, String id) {
        return item.orElseThrow(() -> new IllegalArgumentException("The catalogue has no " + kind + " '" + id + "'"));
    }
}
