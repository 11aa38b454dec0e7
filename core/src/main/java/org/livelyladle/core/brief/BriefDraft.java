package org.livelyladle.core.brief;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.catalogue.Category;
import org.livelyladle.core.measure.UnitSystem;

/** A brief while it is being changed: nothing is checked until it is {@link #done()}. Used by one thread. */
public final class BriefDraft {
    public String catalogueVersion;
    public String title;
    public LocalDateTime sitDown;
    public String zone;
    public int mealMinutes;
    public UnitSystem units;
    public String currency;
    public SchoolOfOrder order;
    public Map<Category, Double> portionsPerAdult;
    public double sauceMlPerAdult;
    public int marginPercent;
    public int wasteCentsPerKg;
    public int bufferMinutes;
    public List<Guest> guests;
    public List<Pot> pots;
    public List<MenuItem> menu;
    public List<SauceChoice> sauces;
    public List<Shop> shops;
    public PriceSnapshot prices;
    public List<PantryItem> pantry;
    public List<Cook> cooks;
    public Decisions decisions;
    public List<ExtraChoice> extras;
    public List<String> sauceBar;
    public List<OwnIngredient> ownIngredients;
    public int altitudeM;
    public SaltBand saltBand;
    public Kitchen kitchen;
    public List<OwnBroth> ownBroths;
    public List<OwnSauce> ownSauces;
    public List<Course> courses;
    public Tempo tempo;
    public Emphasis emphasis;
    public Starch starch;
    public @Nullable Ending ending;
    public List<String> minders;
    public List<Category> without;
    public List<Pace> paces;

    BriefDraft(Brief brief) {
        catalogueVersion = brief.catalogueVersion();
        title = brief.title();
        sitDown = brief.sitDown();
        zone = brief.zone();
        mealMinutes = brief.mealMinutes();
        units = brief.units();
        currency = brief.currency();
        order = brief.order();
        portionsPerAdult = brief.portionsPerAdult();
        sauceMlPerAdult = brief.sauceMlPerAdult();
        marginPercent = brief.marginPercent();
        wasteCentsPerKg = brief.wasteCentsPerKg();
        bufferMinutes = brief.bufferMinutes();
        guests = brief.guests();
        pots = brief.pots();
        menu = brief.menu();
        sauces = brief.sauces();
        shops = brief.shops();
        prices = brief.prices();
        pantry = brief.pantry();
        cooks = brief.cooks();
        decisions = brief.decisions();
        extras = brief.extras();
        sauceBar = brief.sauceBar();
        ownIngredients = brief.ownIngredients();
        altitudeM = brief.altitudeM();
        saltBand = brief.saltBand();
        kitchen = brief.kitchen();
        ownBroths = brief.ownBroths();
        ownSauces = brief.ownSauces();
        courses = brief.courses();
        tempo = brief.tempo();
        emphasis = brief.emphasis();
        starch = brief.starch();
        ending = brief.ending();
        minders = brief.minders();
        without = brief.without();
        paces = brief.paces();
    }

    Brief done() {
        return new Brief(
                Brief.FORMAT,
                Brief.VERSION,
                catalogueVersion,
                title,
                sitDown,
                zone,
                mealMinutes,
                units,
                currency,
                order,
                portionsPerAdult,
                sauceMlPerAdult,
                marginPercent,
                wasteCentsPerKg,
                bufferMinutes,
                guests,
                pots,
                menu,
                sauces,
                shops,
                prices,
                pantry,
                cooks,
                decisions,
                extras,
                sauceBar,
                ownIngredients,
                altitudeM,
                saltBand,
                kitchen,
                ownBroths,
                ownSauces,
                courses,
                tempo,
                emphasis,
                starch,
                ending,
                minders,
                without,
                paces);
    }
}
