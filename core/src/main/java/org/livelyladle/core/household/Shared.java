package org.livelyladle.core.household;

import java.util.function.BiConsumer;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.BriefDraft;

/** Something that a party and a household both say, and how it is read from and written into each. */
record Shared<T extends @Nullable Object>(
        Function<Brief, T> ofBrief,
        BiConsumer<BriefDraft, T> intoBrief,
        Function<Household, T> ofHousehold,
        BiConsumer<HouseholdDraft, T> intoHousehold) {

    void keep(Brief brief, HouseholdDraft household) {
        intoHousehold.accept(household, ofBrief.apply(brief));
    }

    void take(Household household, BriefDraft brief) {
        intoBrief.accept(brief, ofHousehold.apply(household));
    }

    void copy(Household from, HouseholdDraft household) {
        intoHousehold.accept(household, ofHousehold.apply(from));
    }
}
