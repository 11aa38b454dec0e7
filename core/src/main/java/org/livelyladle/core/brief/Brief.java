package org.livelyladle.core.brief;

import java.time.Duration;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.Collections;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.catalogue.Bought;
import org.livelyladle.core.catalogue.Broth;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.catalogue.Category;
import org.livelyladle.core.catalogue.Cut;
import org.livelyladle.core.catalogue.Shape;
import org.livelyladle.core.check.Check;
import org.livelyladle.core.check.InvalidInputException;
import org.livelyladle.core.check.Key;
import org.livelyladle.core.check.Ranges;
import org.livelyladle.core.check.Usual;
import org.livelyladle.core.check.Within;
import org.livelyladle.core.learning.Subject;
import org.livelyladle.core.measure.UnitSystem;

/**
 * Everything the host said about one party. Immutable; a brief that exists is consistent in itself, whether it fits a
 * catalogue is checked by {@link BriefCheck}.
 *
 * @param format always {@value #FORMAT}
 * @param formatVersion always {@value #VERSION}
 * @param sitDown local time of sitting down in {@code zone}
 * @param mealMinutes from sitting down to the finish [min]
 * @param portionsPerAdult grams for one regular eater per category [g]; a category left out takes the usual amount
 * @param sauceMlPerAdult sauce for one regular eater [ml]
 * @param marginPercent bought on top of what is planned [%]
 * @param wasteCentsPerKg what a kilogram bought too much is worth avoiding [cents/kg]
 * @param bufferMinutes how long before sitting down all prep is done [min]
 * @param extras what stands beside the pots; nothing when left out
 * @param sauceBar ingredients set out for those who stir their own sauce; none when left out
 * @param ownIngredients what the household adds to the catalogue or knows better; nothing when left out
 * @param altitudeM above sea level [m]; at sea level when left out
 * @param saltBand wanted in the broths; {@link SaltBand#USUAL} when left out
 * @param kitchen {@link Kitchen#USUAL} when left out
 * @param ownBroths the household's own recipes; none when left out
 * @param ownSauces the household's own sauces; none when left out
 * @param courses of the host's own, for the order {@link SchoolOfOrder#OWN}; kept for it under any other
 * @param tempo {@link Tempo#BRISK} when left out
 * @param emphasis {@link Emphasis#BALANCED} when left out
 * @param starch when noodles and rice come; {@link Starch#LAST} when left out
 * @param ending what the meal ends with; nothing of its own when left out
 * @param without kinds of food this party has none of, on purpose; none when left out
 * @param paces what evenings before have taught of times, as known when the party was begun; nothing when left out
 * @param minders cooks and guests who look after what is shared; the cooks at the table when left out
 */
public record Brief(
        String format,
        int formatVersion,
        String catalogueVersion,
        String title,
        LocalDateTime sitDown,
        String zone,
        @Within(min = 30, max = 240) int mealMinutes,
        UnitSystem units,
        String currency,
        SchoolOfOrder order,
        Map<Category, Double> portionsPerAdult,
        @Within(min = 0, max = 300) double sauceMlPerAdult,
        @Within(min = 0, max = 50) int marginPercent,
        @Within(min = 0, max = 10000) int wasteCentsPerKg,
        @Within(min = 0, max = 120) int bufferMinutes,
        @Key("id") List<Guest> guests,
        @Key("id") List<Pot> pots,
        @Key("cut") List<MenuItem> menu,
        @Key("sauce") List<SauceChoice> sauces,
        @Key("id") List<Shop> shops,
        PriceSnapshot prices,
        @Key("ingredient") List<PantryItem> pantry,
        @Key("id") List<Cook> cooks,
        @Usual("{}") Decisions decisions,
        @Key("ingredient") @Usual("[]") List<ExtraChoice> extras,
        @Key({}) @Usual("[]") List<String> sauceBar,
        @Key("id") @Usual("[]") List<OwnIngredient> ownIngredients,
        @Within(min = -400, max = 5000) @Usual("0") int altitudeM,
        @Usual("{\"lowPercent\":0.8,\"highPercent\":1.0}") SaltBand saltBand,
        @Usual("{}") Kitchen kitchen,
        @Key("id") @Usual("[]") List<OwnBroth> ownBroths,
        @Key("id") @Usual("[]") List<OwnSauce> ownSauces,
        @Usual("[]") List<Course> courses,
        @Usual("BRISK") Tempo tempo,
        @Usual("BALANCED") Emphasis emphasis,
        @Usual("LAST") Starch starch,
        @Nullable Ending ending,
        @Usual("[]") List<String> minders,
        @Key({}) @Usual("[]") List<Category> without,
        @Key({"subject", "of", "by"}) @Usual("[]") List<Pace> paces) {
    private static final Ranges RANGES = Ranges.of(Brief.class);

    public static final String FORMAT = "lively-ladle/party";
    public static final int VERSION = 2;
    public static final int MOST_GUESTS = 60;
    public static final int MOST_POTS = 12;
    public static final int MOST_SIDES = 24;
    static final int MOST_COURSES = 12;
    private static final int MOST_MINDERS = 10;
    public static final int FIRST_YEAR = 2000;
    public static final int LAST_YEAR = 2100;
    /** Older prices tell nothing. */
    private static final int MOST_YEARS_AGO = 10;

    private static final Pattern CURRENCY = Pattern.compile("[A-Z]{3}");

    public Brief {
        if (!FORMAT.equals(format)) {
            throw new InvalidInputException("format", String.valueOf(format), "'" + FORMAT + "'");
        }
        if (formatVersion != VERSION) {
            throw new InvalidInputException("formatVersion", formatVersion, "1 or " + VERSION + "; 1 is lifted");
        }
        catalogueVersion = Check.text(catalogueVersion, "catalogueVersion", 20);
        title = Check.text(title, "title", 80);
        Check.present(sitDown, "sitDown");
        Check.range(sitDown.getYear(), "sitDown", FIRST_YEAR, LAST_YEAR);
        zone = Check.zone(zone, "zone");
        RANGES.check("mealMinutes", mealMinutes);
        Check.present(units, "units");
        if (currency == null || !CURRENCY.matcher(currency).matches()) {
            throw new InvalidInputException("currency", String.valueOf(currency), "three capital letters such as EUR");
        }
        Check.present(order, "order");
        portionsPerAdult = complete(portionsPerAdult);
        RANGES.check("sauceMlPerAdult", sauceMlPerAdult);
        RANGES.check("marginPercent", marginPercent);
        RANGES.check("wasteCentsPerKg", wasteCentsPerKg);
        RANGES.check("bufferMinutes", bufferMinutes);
        guests = Check.distinct(guests, "guests", MOST_GUESTS, Guest::id);
        pots = Check.distinct(pots, "pots", MOST_POTS, Pot::id);
        Check.distinct(sidesOf(pots), "pots.sides", MOST_SIDES, Side::id);
        menu = Check.distinct(menu, "menu", 150, MenuItem::cut);
        sauces = Check.distinct(sauces, "sauces", 20, SauceChoice::sauce);
        shops = Check.distinct(shops, "shops", 10, Shop::id);
        Check.range(
                Check.present(prices, "prices").asOf().getYear(),
                "prices.asOf",
                sitDown.getYear() - MOST_YEARS_AGO,
                sitDown.getYear() + 1);
        pantry = Check.distinct(pantry, "pantry", 500, PantryItem::ingredient);
        cooks = Check.distinct(cooks, "cooks", 10, Cook::id);
        Check.present(decisions, "decisions");
        extras = Check.distinct(extras, "extras", 40, ExtraChoice::ingredient);
        sauceBar = Check.distinct(sauceBar, "sauceBar", 40, ingredient -> ingredient);
        ownIngredients = Check.distinct(ownIngredients, "ownIngredients", 200, OwnIngredient::id);
        RANGES.check("altitudeM", altitudeM);
        Check.present(saltBand, "saltBand");
        Check.present(kitchen, "kitchen");
        Check.present(tempo, "tempo");
        Check.present(emphasis, "emphasis");
        Check.present(starch, "starch");
        ownBroths = Check.distinct(ownBroths, "ownBroths", 50, OwnBroth::id);
        ownSauces = Check.distinct(ownSauces, "ownSauces", 50, OwnSauce::id);
        courses = Check.list(courses, "courses", MOST_COURSES);
        minders = Check.distinct(minders, "minders", MOST_MINDERS, id -> id);
        without = Check.distinct(without, "without", Category.served().size(), kind -> kind);
        if (without.contains(Category.LARDER)) {
            throw new InvalidInputException("without", "LARDER", "served categories only: " + Category.served());
        }
        paces = Pace.checked(paces, "paces");
    }

    private static Map<Category, Double> complete(@Nullable Map<Category, Double> given) {
        Map<Category, Double> said = given == null ? Map.of() : given;
        Map<Category, Double> all = new EnumMap<>(Category.class);
        for (Category category : Category.served()) {
            Double grams = said.get(category);
            all.put(
                    category,
                    grams == null
                            ? category.gramsPerAdult()
                            : Check.range(grams, "portionsPerAdult." + category, 0, 1000));
        }
        if (said.containsKey(Category.LARDER)) {
            throw new InvalidInputException(
                    "portionsPerAdult", "LARDER", "served categories only: " + Category.served());
        }
        return Collections.unmodifiableMap(all);
    }

    private static List<Side> sidesOf(List<Pot> pots) {
        return pots.stream().flatMap(pot -> pot.sides().stream()).toList();
    }

    /** All sides, pot by pot. */
    public List<Side> sides() {
        return sidesOf(pots);
    }

    public Pot potOf(String side) {
        return pots.stream()
                .filter(pot -> pot.sides().stream().anyMatch(s -> s.id().equals(side)))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("No pot has a side '" + side + "'"));
    }

    public Optional<Guest> guest(String id) {
        return guests.stream().filter(guest -> guest.id().equals(id)).findFirst();
    }

    public ZoneId zoneId() {
        return ZoneId.of(zone);
    }

    /** The catalogue as this household knows it: its own ingredients and corrections put in. */
    public Catalogue extend(Catalogue catalogue) {
        Catalogue known = ownIngredients.isEmpty() ? catalogue : OwnIngredient.putInto(catalogue, ownIngredients);
        Catalogue stirred = ownSauces.isEmpty() ? known : OwnSauce.putInto(known, ownSauces);
        Catalogue brewed = ownBroths.isEmpty() ? stirred : OwnBroth.putInto(stirred, ownBroths);
        List<Cut> cooked = menu.stream()
                .filter(MenuItem::isCookedByMaker)
                .flatMap(item -> brewed.findCut(item.cut()).map(item::stateOf).stream())
                .toList();
        List<Broth> plain = sides().stream()
                .filter(Side::unsalted)
                .map(Side::broth)
                .distinct()
                .filter(broth -> sides().stream()
                        .filter(side -> side.broth().equals(broth))
                        .allMatch(Side::unsalted))
                .flatMap(broth -> brewed.findBroth(broth).map(Broth::unsalted).stream())
                .toList();
        return cooked.isEmpty() && plain.isEmpty()
                ? brewed
                : brewed.with(List.of(), cooked).withBroths(plain);
    }

    /** The same party as if no evening had taught anything of times. */
    public Brief untaught() {
        return changed(draft -> {
            draft.paces = List.of();
            draft.pots = pots.stream()
                    .map(pot -> pot.heatedBy(pot.heat().taught(1, 1)))
                    .toList();
        });
    }

    /** How much longer a cut takes than usual, as evenings before have taught [1]. */
    public double timesOf(String cut) {
        return Pace.times(paces, Subject.CUT_TIME, cut, null);
    }

    /** How much longer a cook takes for a task than is usual, as evenings before have taught [1]. */
    public double timesOf(String task, String cook) {
        return Pace.times(paces, Subject.TASK_TIME, task, cook);
    }

    /** What the host said of a cut; as it comes when it is not on the menu. */
    public MenuItem item(String cut) {
        return menu.stream().filter(item -> item.cut().equals(cut)).findFirst().orElseGet(() -> MenuItem.of(cut));
    }

    /** The state a cut is bought in: as the host said, else as the pinned or all offers say that tell, else as is usual. */
    public Bought boughtOf(Cut cut) {
        Bought said = item(cut.id()).bought();
        if (said != null) {
            return said;
        }
        List<String> pinned = decisions.offers().stream()
                .filter(pin -> pin.ingredient().equals(cut.ingredient()))
                .map(Decisions.OfferPin::offer)
                .toList();
        List<Bought> sold = prices.offers().stream()
                .filter(offer -> offer.ingredient().equals(cut.ingredient()))
                .filter(offer -> pinned.isEmpty() || pinned.contains(offer.id()))
                .flatMap(offer -> Stream.ofNullable(offer.bought()))
                .distinct()
                .toList();
        return sold.size() == 1 ? sold.get(0) : cut.usuallyBought();
    }

    /**
     * Whether food stands beside the pots: noodles laid into the bowls, what the host said does, and, where every pot is
     * for dipping only, noodles and leaves to wrap. Nothing else is eaten without a pot: it may not be good or safe raw.
     */
    public boolean standsBeside(Category kind, Cut cut) {
        boolean dipOnly =
                !pots.isEmpty() && pots.stream().allMatch(pot -> pot.wayOrUsual() == WayOfEating.DIP_AND_WRAP);
        boolean inTheBowl = kind == Category.STARCH && starch == Starch.IN_THE_BOWL;
        return inTheBowl
                || mayStandBeside(kind, cut) && (dipOnly || item(cut.id()).beside());
    }

    /** What is eaten cooked in the kitchen, or raw. */
    static boolean mayStandBeside(Category kind, Cut cut) {
        return switch (kind) {
            case STARCH -> true;
            case LEAVES -> cut.shape() == Shape.LEAF;
            case MEAT, SEAFOOD, BALLS, TOFU, MUSHROOMS, ROOTS, VEGETABLES, LARDER -> false;
        };
    }

    /** The same party but for what is changed in the draft. */
    public Brief changed(Consumer<BriefDraft> change) {
        BriefDraft draft = new BriefDraft(this);
        change.accept(draft);
        return draft.done();
    }

    /** The same party at another time, with its trips and prices. */
    public Brief on(LocalDateTime sitDown, List<Shop> shops, PriceSnapshot prices) {
        return changed(draft -> {
            draft.sitDown = sitDown;
            draft.shops = shops;
            draft.prices = prices;
        });
    }

    /** The same party so much later, with its trips, its cooks' other plans and other prices. */
    public Brief later(Duration by, PriceSnapshot prices) {
        return changed(draft -> {
            draft.sitDown = sitDown.plus(by);
            draft.shops =
                    shops.stream().map(shop -> shop.onTrips(at -> at.plus(by))).toList();
            draft.prices = prices;
            draft.cooks = cooks.stream().map(cook -> cook.later(by)).toList();
        });
    }

    /** The same party, decided otherwise. */
    public Brief deciding(Decisions decisions) {
        return changed(draft -> draft.decisions = decisions);
    }

    /** The same party with another menu. */
    public Brief serving(List<MenuItem> menu) {
        return changed(draft -> draft.menu = menu);
    }

    /** The same party with other pots on the table. */
    public Brief setting(List<Pot> pots) {
        return changed(draft -> draft.pots = pots);
    }

    /** The same party, its menu and its pots by their ids: in which order a host named them decides nothing. */
    public Brief inCanonicalOrder() {
        return changed(draft -> {
            draft.menu =
                    menu.stream().sorted(Comparator.comparing(MenuItem::cut)).toList();
            draft.pots = pots.stream().sorted(Comparator.comparing(Pot::id)).toList();
        });
    }

    /** The same party sitting so long [min]. */
    public Brief sittingFor(int minutes) {
        return changed(draft -> draft.mealMinutes = minutes);
    }

    /** The same party with these guests. */
    public Brief seating(List<Guest> guests) {
        return changed(draft -> draft.guests = guests);
    }

    /** The same party with every drop where it would go by itself. */
    public Brief withoutPinnedDrops() {
        return changed(draft -> draft.decisions = decisions.drops(List.of()));
    }

    /** The same party with something else above all. */
    public Brief emphasising(Emphasis other) {
        return changed(draft -> draft.emphasis = other);
    }
}
