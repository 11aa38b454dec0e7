package org.livelyladle.core.household;

import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.BriefDraft;
import org.livelyladle.core.brief.Cook;
import org.livelyladle.core.brief.Pot;
import org.livelyladle.core.brief.SauceChoice;
import org.livelyladle.core.brief.Shop;

/** What is kept for the next party, or taken over from the household, as one thing. */
public enum HouseholdPart {
    KITCHEN(
            "the pots and the kitchen",
            new Shared<>(HouseholdPart::potsForAnybody, HouseholdPart::setPots, Household::pots, (h, v) -> h.pots = v),
            new Shared<>(Brief::kitchen, (b, v) -> b.kitchen = v, Household::kitchen, (h, v) -> h.kitchen = v),
            new Shared<>(Brief::altitudeM, (b, v) -> b.altitudeM = v, Household::altitudeM, (h, v) -> h.altitudeM = v),
            new Shared<>(Brief::saltBand, (b, v) -> b.saltBand = v, Household::saltBand, (h, v) -> h.saltBand = v)),
    COOKS(
            "the cooks",
            new Shared<>(
                    HouseholdPart::cooksAtAnyTime, HouseholdPart::setCooks, Household::cooks, (h, v) -> h.cooks = v)),
    SHOPS(
            "the shops and their prices",
            new Shared<>(HouseholdPart::usualShops, HouseholdPart::setTrips, Household::shops, (h, v) -> h.shops = v),
            new Shared<>(Brief::prices, (b, v) -> b.prices = v, Household::prices, (h, v) -> h.prices = v),
            new Shared<>(Brief::currency, (b, v) -> b.currency = v, Household::currency, (h, v) -> h.currency = v)),
    PANTRY(
            "what is at home",
            new Shared<>(Brief::pantry, (b, v) -> b.pantry = v, Household::pantry, (h, v) -> h.pantry = v)),
    AMOUNTS(
            "the usual amounts and units",
            new Shared<>(
                    Brief::portionsPerAdult,
                    (b, v) -> b.portionsPerAdult = v,
                    Household::portionsPerAdult,
                    (h, v) -> h.portionsPerAdult = v),
            new Shared<>(
                    Brief::sauceMlPerAdult,
                    (b, v) -> b.sauceMlPerAdult = v,
                    Household::sauceMlPerAdult,
                    (h, v) -> h.sauceMlPerAdult = v),
            new Shared<>(
                    Brief::marginPercent,
                    (b, v) -> b.marginPercent = v,
                    Household::marginPercent,
                    (h, v) -> h.marginPercent = v),
            new Shared<>(
                    Brief::bufferMinutes,
                    (b, v) -> b.bufferMinutes = v,
                    Household::bufferMinutes,
                    (h, v) -> h.bufferMinutes = v),
            new Shared<>(Brief::units, (b, v) -> b.units = v, Household::units, (h, v) -> h.units = v)),
    ORDER(
            "the order of eating",
            new Shared<>(Brief::order, (b, v) -> b.order = v, Household::order, (h, v) -> h.order = v),
            new Shared<>(Brief::courses, (b, v) -> b.courses = v, Household::courses, (h, v) -> h.courses = v),
            new Shared<>(Brief::tempo, (b, v) -> b.tempo = v, Household::tempo, (h, v) -> h.tempo = v),
            new Shared<>(Brief::starch, (b, v) -> b.starch = v, Household::starch, (h, v) -> h.starch = v),
            new Shared<>(
                    Brief::mealMinutes,
                    (b, v) -> b.mealMinutes = v,
                    Household::mealMinutes,
                    (h, v) -> h.mealMinutes = v)),
    BESIDE(
            "the sauces and what stands beside the pots",
            new Shared<>(
                    HouseholdPart::saucesForAnybody,
                    HouseholdPart::setSauces,
                    Household::sauces,
                    (h, v) -> h.sauces = v),
            new Shared<>(Brief::sauceBar, (b, v) -> b.sauceBar = v, Household::sauceBar, (h, v) -> h.sauceBar = v),
            new Shared<>(Brief::extras, (b, v) -> b.extras = v, Household::extras, (h, v) -> h.extras = v)),
    TIMES(
            "what evenings have taught of times",
            new Shared<>(Brief::paces, (b, v) -> b.paces = v, Household::paces, (h, v) -> h.paces = v)),
    /** One of the people, by id. */
    PERSON("a guest"),
    /** One of the own ingredients, by id. */
    FOOD("a food of your own"),
    /** One of the own broths, by id. */
    BROTH("a broth of your own"),
    /** One of the own sauces, by id. */
    SAUCE("a sauce of your own");

    private final String label;
    private final List<Shared<?>> shared;

    HouseholdPart(String label, Shared<?>... shared) {
        this.label = label;
        this.shared = List.of(shared);
    }

    /** As one says it: "the cooks". */
    public String label() {
        return label;
    }

    /** One of several, named by its id. */
    public boolean isSingle() {
        return shared.isEmpty();
    }

    void keep(Brief brief, HouseholdDraft household) {
        shared.forEach(said -> said.keep(brief, household));
    }

    void take(Household household, BriefDraft brief) {
        shared.forEach(said -> said.take(household, brief));
    }

    void copy(Household from, HouseholdDraft household) {
        shared.forEach(said -> said.copy(from, household));
    }

    /** Who reaches a pot is another matter at each party. */
    private static List<Pot> potsForAnybody(Brief brief) {
        return brief.pots().stream().map(pot -> pot.reachedBy(null)).toList();
    }

    private static void setPots(BriefDraft brief, List<Pot> pots) {
        if (!pots.isEmpty()) {
            brief.pots = pots;
        }
    }

    private static List<Cook> cooksAtAnyTime(Brief brief) {
        return brief.cooks().stream().map(cook -> cook.away(List.of())).toList();
    }

    private static void setCooks(BriefDraft brief, List<Cook> cooks) {
        if (!cooks.isEmpty()) {
            brief.cooks = cooks;
        }
    }

    private static List<SauceChoice> saucesForAnybody(Brief brief) {
        return brief.sauces().stream().map(SauceChoice::forAnybody).toList();
    }

    private static void setSauces(BriefDraft brief, @Nullable List<SauceChoice> sauces) {
        if (sauces != null) {
            brief.sauces = sauces;
        }
    }

    private static List<UsualShop> usualShops(Brief brief) {
        LocalDate day = brief.sitDown().toLocalDate();
        return brief.shops().stream().map(shop -> UsualShop.of(shop, day)).toList();
    }

    /** A trip that is planned already stays when it is. */
    private static void setTrips(BriefDraft brief, List<UsualShop> shops) {
        List<Shop> planned = brief.shops;
        LocalDate day = brief.sitDown.toLocalDate();
        brief.shops = shops.stream()
                .map(shop -> planned.stream()
                        .filter(trip -> trip.id().equals(shop.id()))
                        .findFirst()
                        .map(trip -> shop.forParty(day).asVisited(trip))
                        .orElseGet(() -> shop.forParty(day)))
                .toList();
    }
}
