package org.livelyladle.core.household;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Cook;
import org.livelyladle.core.brief.Course;
import org.livelyladle.core.brief.ExtraChoice;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.brief.Kitchen;
import org.livelyladle.core.brief.OwnBroth;
import org.livelyladle.core.brief.OwnIngredient;
import org.livelyladle.core.brief.OwnSauce;
import org.livelyladle.core.brief.Pace;
import org.livelyladle.core.brief.PantryItem;
import org.livelyladle.core.brief.Pot;
import org.livelyladle.core.brief.PriceSnapshot;
import org.livelyladle.core.brief.SaltBand;
import org.livelyladle.core.brief.SauceChoice;
import org.livelyladle.core.brief.SchoolOfOrder;
import org.livelyladle.core.brief.Starch;
import org.livelyladle.core.brief.Tempo;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.catalogue.Category;
import org.livelyladle.core.check.Check;
import org.livelyladle.core.check.InvalidInputException;
import org.livelyladle.core.check.Key;
import org.livelyladle.core.check.Ranges;
import org.livelyladle.core.check.Usual;
import org.livelyladle.core.check.Within;
import org.livelyladle.core.learning.Rates;
import org.livelyladle.core.measure.UnitSystem;

/**
 * What a host keeps from party to party. Immutable; consistent in itself, whether it fits a catalogue is checked by
 * {@link HouseholdCheck}. What is left out is as in a party that says nothing of it.
 *
 * @param format always {@value #FORMAT}
 * @param formatVersion always {@value #VERSION}
 * @param people who came before, with what they eat; on time and staying
 * @param pots none for pots by the number of guests
 * @param cooks one who does everything when there are none
 * @param prices what the shops asked when the host last looked
 * @param portionsPerAdult grams for one regular eater per category [g]
 * @param sauceMlPerAdult sauce for one regular eater [ml]
 * @param marginPercent bought on top of what is planned [%]
 * @param bufferMinutes how long before sitting down all prep is done [min]
 * @param mealMinutes from sitting down to the finish [min]
 * @param sauces on the table; two house sauces when left out
 * @param rates what evenings have taught; its figures stand in the parts above once the host has taken them
 * @param learntFrom ids of the parties it has learnt from
 * @param paces what they have taught of cuts and tasks that take longer or shorter than is usual
 */
public record Household(
        String format,
        int formatVersion,
        UnitSystem units,
        String currency,
        @Key("id") List<Guest> people,
        @Key("id") List<Pot> pots,
        @Usual("{}") Kitchen kitchen,
        @Within(min = -400, max = 5000) @Usual("0") int altitudeM,
        @Usual("{\"lowPercent\":0.8,\"highPercent\":1.0}") SaltBand saltBand,
        @Key("id") List<Cook> cooks,
        @Key("id") List<UsualShop> shops,
        PriceSnapshot prices,
        @Key("ingredient") List<PantryItem> pantry,
        @Nullable Map<Category, Double> portionsPerAdult,
        @Within(min = 0, max = 300) double sauceMlPerAdult,
        @Within(min = 0, max = 50) int marginPercent,
        @Within(min = 0, max = 120) int bufferMinutes,
        @Within(min = 30, max = 240) int mealMinutes,
        SchoolOfOrder order,
        @Usual("[]") List<Course> courses,
        @Usual("BRISK") Tempo tempo,
        @Usual("LAST") Starch starch,
        @Key("sauce") @Nullable List<SauceChoice> sauces,
        @Key({}) @Usual("[]") List<String> sauceBar,
        @Key("ingredient") @Usual("[]") List<ExtraChoice> extras,
        @Key("id") @Usual("[]") List<OwnIngredient> ownIngredients,
        @Key("id") @Usual("[]") List<OwnBroth> ownBroths,
        @Key("id") @Usual("[]") List<OwnSauce> ownSauces,
        @Usual("{}") Rates rates,
        @Key({}) @Usual("[]") List<String> learntFrom,
        @Key({"subject", "of", "by"}) @Usual("[]") List<Pace> paces) {
    private static final Ranges RANGES = Ranges.of(Household.class);
    public static final String FORMAT = "lively-ladle/household";
    public static final int VERSION = 1;
    private static final int MOST_PEOPLE = 300;
    private static final int MOST_EVENINGS = 5000;

    public Household {
        if (!FORMAT.equals(format)) {
            throw new InvalidInputException("format", String.valueOf(format), "'" + FORMAT + "'");
        }
        Check.range(formatVersion, "formatVersion", VERSION, VERSION);
        Check.present(units, "units");
        currency = Check.text(currency, "currency", 3);
        people = Check.distinct(people, "people", MOST_PEOPLE, Guest::id);
        pots = Check.distinct(pots, "pots", Brief.MOST_POTS, Pot::id);
        cooks = Check.distinct(cooks, "cooks", 10, Cook::id);
        shops = Check.distinct(shops, "shops", 10, UsualShop::id);
        Check.present(prices, "prices");
        pantry = Check.distinct(pantry, "pantry", 500, PantryItem::ingredient);
        RANGES.check("sauceMlPerAdult", sauceMlPerAdult);
        RANGES.check("marginPercent", marginPercent);
        RANGES.check("bufferMinutes", bufferMinutes);
        RANGES.check("mealMinutes", mealMinutes);
        RANGES.check("altitudeM", altitudeM);
        Check.present(kitchen, "kitchen");
        Check.present(saltBand, "saltBand");
        Check.present(tempo, "tempo");
        Check.present(starch, "starch");
        Check.present(order, "order");
        courses = Check.list(courses, "courses", 12);
        sauces = sauces == null ? null : Check.distinct(sauces, "sauces", 20, SauceChoice::sauce);
        sauceBar = Check.distinct(sauceBar, "sauceBar", 40, ingredient -> ingredient);
        extras = Check.distinct(extras, "extras", 40, ExtraChoice::ingredient);
        ownIngredients = Check.distinct(ownIngredients, "ownIngredients", 200, OwnIngredient::id);
        ownBroths = Check.distinct(ownBroths, "ownBroths", 50, OwnBroth::id);
        ownSauces = Check.distinct(ownSauces, "ownSauces", 50, OwnSauce::id);
        Check.present(rates, "rates");
        learntFrom = Check.distinct(learntFrom, "learntFrom", MOST_EVENINGS, party -> party);
        paces = Pace.checked(paces, "paces");
    }

    /** A household in which nobody has said anything but where it shops. */
    public static Household unsaid(List<UsualShop> shops, PriceSnapshot prices) {
        return new Household(
                FORMAT,
                VERSION,
                UnitSystem.METRIC,
                "EUR",
                List.of(),
                List.of(),
                Kitchen.USUAL,
                0,
                SaltBand.USUAL,
                List.of(),
                shops,
                prices,
                List.of(),
                null,
                60,
                5,
                15,
                90,
                SchoolOfOrder.FLAVOUR_BUILDERS,
                List.of(),
                Tempo.BRISK,
                Starch.LAST,
                null,
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                Rates.none(),
                List.of(),
                List.of());
    }

    /** The same household but for what is changed in the draft. */
    Household changed(Consumer<HouseholdDraft> change) {
        HouseholdDraft draft = new HouseholdDraft(this);
        change.accept(draft);
        return draft.done();
    }

    /** The same household, which has learnt so much more. */
    public Household learning(
            Rates rates,
            List<String> learntFrom,
            @Nullable Map<Category, Double> portions,
            List<Guest> people,
            List<Pot> pots,
            List<Pace> paces) {
        return changed(draft -> {
            draft.pots = pots;
            draft.paces = paces;
            draft.rates = rates;
            draft.learntFrom = learntFrom;
            draft.portionsPerAdult = portions;
            draft.people = people;
        });
    }

    /** The catalogue as this household knows it. */
    public Catalogue extend(Catalogue catalogue) {
        Catalogue known = OwnIngredient.putInto(catalogue, ownIngredients);
        return OwnBroth.putInto(OwnSauce.putInto(known, ownSauces), ownBroths);
    }

    /** Under which id somebody of a party stands in the book; their own where they do not. */
    public String idInBook(Guest guest) {
        return people.stream()
                .filter(person -> person.isThe(guest))
                .findFirst()
                .or(() -> person(guest.name()))
                .map(Guest::id)
                .orElse(guest.id());
    }

    /** Somebody of the book by the name as people write it. */
    public Optional<Guest> person(String name) {
        return people.stream().filter(person -> person.goesBy(name)).findFirst();
    }
}
