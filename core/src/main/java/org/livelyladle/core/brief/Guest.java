package org.livelyladle.core.brief;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.catalogue.Heat;
import org.livelyladle.core.check.Check;
import org.livelyladle.core.check.Key;
import org.livelyladle.core.check.Ranges;
import org.livelyladle.core.check.Usual;
import org.livelyladle.core.check.Within;

/**
 * Somebody who comes to eat.
 *
 * @param heat the hottest broth this guest eats from
 * @param arrivesAfterMinutes how long after sitting down [min]; 0 for on time
 * @param leavesAfterMinutes how long after sitting down [min]; null for who stays to the end
 * @param portionPercent part of the usual portion this guest eats, coming late or full [%]; 100 when left out
 * @param stirsOwnSauce takes from the sauce bar in place of the house sauces; no when left out
 * @param favouriteSide where this guest eats from where it can be chosen; any when left out
 * @param needsFromBefore the needs are those of a time before, and nobody has asked again; they are kept all the same
 */
public record Guest(
        String id,
        String name,
        Appetite appetite,
        @Key("kind") List<Need> needs,
        @Key("cut") List<Wish> wishes,
        Heat heat,
        @Within(min = 0, max = 240) int arrivesAfterMinutes,
        @Within(min = 10, max = 240) @Nullable Integer leavesAfterMinutes,
        @Within(min = 10, max = 200) @Usual("100") int portionPercent,
        @Usual("false") boolean stirsOwnSauce,
        @Nullable String favouriteSide,
        @Usual("false") boolean needsFromBefore) {
    private static final Ranges RANGES = Ranges.of(Guest.class);
    private static final int USUAL_PERCENT = 100;
    /** How fast somebody eats what lies in the bowl [g/s]; memory. */
    private static final double EATS_G_PER_S = 20 / 60.0;

    private static final double CHILD_EATS_G_PER_S = 10 / 60.0;

    public Guest {
        Check.ownId(id, "id");
        name = Check.text(name, "name", 40);
        Check.present(appetite, "appetite");
        needs = Check.distinct(needs, "needs", 23, Need::kind);
        wishes = Check.distinct(wishes, "wishes", 100, Wish::cut);
        Check.present(heat, "heat");
        RANGES.check("arrivesAfterMinutes", arrivesAfterMinutes);
        if (leavesAfterMinutes != null) {
            RANGES.check("leavesAfterMinutes", leavesAfterMinutes, arrivesAfterMinutes + 10);
        }
        RANGES.check("portionPercent", portionPercent);
        if (favouriteSide != null) {
            Check.id(favouriteSide, "favouriteSide");
        }
    }

    /** A plain guest: on time, staying, with the usual portion. */
    public static Guest of(String id, String name, Appetite appetite, Heat heat) {
        return new Guest(id, name, appetite, List.of(), List.of(), heat, 0, null, USUAL_PERCENT, false, null, false);
    }

    /** Whether that is their name as people write it. */
    public boolean goesBy(String other) {
        return name.equalsIgnoreCase(other.strip());
    }

    /** Whether a guest of a party is this one: one id may be somebody else's at another party. */
    public boolean isThe(Guest guest) {
        return id.equals(guest.id) && goesBy(guest.name);
    }

    /** The same guest but for what is changed. */
    private Guest changed(Consumer<GuestDraft> change) {
        GuestDraft draft = new GuestDraft(this);
        change.accept(draft);
        return draft.done();
    }

    /** The same guest, there at other times [min after sitting down]. */
    public Guest staying(int arrives, @Nullable Integer leaves) {
        return changed(draft -> {
            draft.arrivesAfterMinutes = arrives;
            draft.leavesAfterMinutes = leaves;
        });
    }

    /** The same guest on time and staying, as known from a party before. */
    public Guest onTime() {
        return staying(0, null);
    }

    /** This guest, there when said, as a person is known otherwise. */
    public Guest as(Guest person) {
        return changed(draft -> {
            draft.name = person.name;
            draft.appetite = person.appetite;
            draft.needs = person.needs;
            draft.wishes = person.wishes;
            draft.heat = person.heat;
            draft.portionPercent = person.portionPercent;
            draft.stirsOwnSauce = person.stirsOwnSauce;
        });
    }

    /** The same guest with other wishes. */
    public Guest wishing(List<Wish> wishes) {
        return changed(draft -> draft.wishes = wishes);
    }

    /** The same guest, who keeps away from these things as well, each as strictly as it may be meant. */
    public Guest alsoNeeding(List<NeedKind> kinds) {
        return alsoKeeping(kinds.stream().map(Need::asStrictAsMayBe).toList());
    }

    /** The same guest with one need more, or one kept more strictly; never less so. */
    public Guest alsoNeeding(Need need) {
        return alsoKeeping(List.of(need));
    }

    /** The same guest with more needs, or some kept more strictly; never less so. */
    public Guest alsoKeeping(List<Need> others) {
        Map<NeedKind, Need> all = new LinkedHashMap<>();
        Stream.concat(needs.stream(), others.stream()).forEach(one -> all.merge(one.kind(), one, Need::stricter));
        return changed(draft -> draft.needs = List.copyOf(all.values()));
    }

    /** The same guest, hungry otherwise. */
    public Guest eating(Appetite other) {
        return changed(draft -> draft.appetite = other);
    }

    /** The same guest, who eats another part of a portion [%]. */
    public Guest eatingPart(int percent) {
        return changed(draft -> draft.portionPercent = percent);
    }

    /** The same guest, who eats from broths as hot as this. */
    public Guest bearing(Heat other) {
        return changed(draft -> draft.heat = other);
    }

    /** The same guest before anybody knew of these needs. */
    public Guest notYetNeeding(List<NeedKind> kinds) {
        List<Need> known =
                needs.stream().filter(need -> !kinds.contains(need.kind())).toList();
        return changed(draft -> draft.needs = known);
    }

    /** The same guest, as known from a time before: the needs are to be asked about again. */
    public Guest fromBefore() {
        return changed(draft -> draft.needsFromBefore = !needs.isEmpty());
    }

    /** The same guest, who has been asked whether the needs are still so. */
    public Guest askedAgain() {
        return changed(draft -> draft.needsFromBefore = false);
    }

    /** The same guest, who stirs an own sauce from the bar or gets the house sauces. */
    public Guest stirring(boolean own) {
        return changed(draft -> draft.stirsOwnSauce = own);
    }

    /** The same guest with another favourite side; none where null. */
    public Guest favouring(@Nullable String side) {
        return changed(draft -> draft.favouriteSide = side);
    }

    public Optional<Wish> wishFor(String cut) {
        return wishes.stream().filter(wish -> wish.cut().equals(cut)).findFirst();
    }

    /** Children are served cut small and never rare. */
    public boolean isSmallChild() {
        return has(NeedKind.SMALL_CHILD) || appetite == Appetite.CHILD || appetite == Appetite.TODDLER;
    }

    /** How fast what lies in the bowl is eaten [g/s]. */
    public double eatsGramsPerSecond() {
        return isSmallChild() ? CHILD_EATS_G_PER_S : EATS_G_PER_S;
    }

    /** A need for which nothing is served rare or raw. */
    public boolean isDelicate() {
        return isSmallChild() || needs.stream().anyMatch(need -> need.kind().isDelicate());
    }

    /** When this guest leaves a meal of so many minutes [min after sitting down]. */
    public int leavesWithin(int mealMinutes) {
        return leavesAfterMinutes == null ? mealMinutes : Math.min(leavesAfterMinutes, mealMinutes);
    }

    /**
     * The needs as they are kept: a child by appetite is a small child, and being pregnant, small or immune-weak is at
     * least as strict as a diet, whatever was said.
     */
    public List<Need> needsInForce() {
        Stream<Need> said = needs.stream()
                .map(need -> need.kind().isDelicate() && need.strength() == Strength.DISLIKE
                        ? new Need(need.kind(), Strength.DIET)
                        : need);
        return isSmallChild() && !has(NeedKind.SMALL_CHILD)
                ? Stream.concat(said, Stream.of(new Need(NeedKind.SMALL_CHILD, Strength.DIET)))
                        .toList()
                : said.toList();
    }

    public boolean eatsUsualPortion() {
        return portionPercent == USUAL_PERCENT;
    }

    public Liking likingOf(String cut) {
        return wishFor(cut).map(Wish::liking).orElse(Liking.LIKE);
    }

    public boolean has(NeedKind kind) {
        return needs.stream().anyMatch(need -> need.kind() == kind);
    }
}
