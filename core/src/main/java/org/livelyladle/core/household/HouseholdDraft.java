package org.livelyladle.core.household;

import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
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
import org.livelyladle.core.catalogue.Category;
import org.livelyladle.core.learning.Rates;
import org.livelyladle.core.measure.UnitSystem;

/** A household while it is being changed: nothing is checked until it is {@link #done()}. Used by one thread. */
final class HouseholdDraft {
    UnitSystem units;
    String currency;
    List<Guest> people;
    List<Pot> pots;

    Kitchen kitchen;
    int altitudeM;
    SaltBand saltBand;
    List<Cook> cooks;
    List<UsualShop> shops;
    PriceSnapshot prices;
    List<PantryItem> pantry;

    @Nullable
    Map<Category, Double> portionsPerAdult;

    double sauceMlPerAdult;
    int marginPercent;
    int bufferMinutes;
    int mealMinutes;
    SchoolOfOrder order;

    List<Course> courses;
    Tempo tempo;
    Starch starch;

    @Nullable
    List<SauceChoice> sauces;

    List<String> sauceBar;
    List<ExtraChoice> extras;
    List<OwnIngredient> ownIngredients;
    List<OwnBroth> ownBroths;
    List<OwnSauce> ownSauces;
    Rates rates;
    List<String> learntFrom;
    List<Pace> paces;

    HouseholdDraft(Household household) {
        units = household.units();
        currency = household.currency();
        people = household.people();
        pots = household.pots();
        kitchen = household.kitchen();
        altitudeM = household.altitudeM();
        saltBand = household.saltBand();
        cooks = household.cooks();
        shops = household.shops();
        prices = household.prices();
        pantry = household.pantry();
        portionsPerAdult = household.portionsPerAdult();
        sauceMlPerAdult = household.sauceMlPerAdult();
        marginPercent = household.marginPercent();
        bufferMinutes = household.bufferMinutes();
        mealMinutes = household.mealMinutes();
        order = household.order();
        courses = household.courses();
        tempo = household.tempo();
        starch = household.starch();
        sauces = household.sauces();
        sauceBar = household.sauceBar();
        extras = household.extras();
        ownIngredients = household.ownIngredients();
        ownBroths = household.ownBroths();
        ownSauces = household.ownSauces();
        rates = household.rates();
        learntFrom = household.learntFrom();
        paces = household.paces();
    }

    Household done() {
        return new Household(
                Household.FORMAT,
                Household.VERSION,
                units,
                currency,
                people,
                pots,
                kitchen,
                altitudeM,
                saltBand,
                cooks,
                shops,
                prices,
                pantry,
                portionsPerAdult,
                sauceMlPerAdult,
                marginPercent,
                bufferMinutes,
                mealMinutes,
                order,
                courses,
                tempo,
                starch,
                sauces,
                sauceBar,
                extras,
                ownIngredients,
                ownBroths,
                ownSauces,
                rates,
                learntFrom,
                paces);
    }
}
