package org.livelyladle.core.rehearsal;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.edit.BriefEdit;
import org.livelyladle.core.measure.KitchenText;
import org.livelyladle.core.rehearsal.Rehearsal.Chance;
import org.livelyladle.core.rehearsal.Rehearsal.Change;
import org.livelyladle.core.rehearsal.Rehearsal.Moment;

/** Says what was counted, in words a host understands. */
final class Teller {
    private static final int MOST_MOMENTS = 3;
    private static final int MINUTE = 60;

    private final Script script;
    private final Scene scene;

    Teller(Script script) {
        this.script = script;
        this.scene = script.scene;
    }

    /** Those troubles that came at all, the gravest first. */
    List<Chance> chances(Tally tally) {
        List<Chance> chances = new ArrayList<>();
        for (Trouble trouble : Trouble.values()) {
            Share share = tally.of(trouble);
            if (share.times() > 0) {
                chances.add(new Chance(trouble, share, minute(tally, trouble), text(tally, trouble, share)));
            }
        }
        return chances;
    }

    private @Nullable Integer minute(Tally tally, Trouble trouble) {
        return most(tally.moments(), when -> when.trouble() == trouble, Tally.When::spell)
                .map(spell -> spell * Tally.SPELL_S / MINUTE)
                .orElse(null);
    }

    /** What the most of the counted fall on. */
    private static <K, V extends Comparable<V>> Optional<V> most(
            Map<K, Integer> counted, Predicate<K> which, Function<K, V> by) {
        Map<V, Integer> sums = new TreeMap<>();
        counted.forEach((key, n) -> {
            if (which.test(key)) {
                sums.merge(by.apply(key), n, Integer::sum);
            }
        });
        return sums.entrySet().stream()
                .max(Map.Entry.<V, Integer>comparingByValue()
                        .thenComparing(Map.Entry.<V, Integer>comparingByKey().reversed()))
                .map(Map.Entry::getKey);
    }

    private String text(Tally tally, Trouble trouble, Share share) {
        String when = KitchenText.upper(share.text()) + " ";
        return when
                + switch (trouble) {
                    case UNSAFE -> "somebody eats something that is not safe at its core" + mostlyWhom(tally, trouble);
                    case UNDER_FLOOR -> "raw food stands in broth too cool for it" + mostlyWhere(tally, trouble);
                    case DRY -> "a side runs dry" + mostlyWhere(tally, trouble);
                    case OVER_BRIM -> "a side stands over its brim" + mostlyWhere(tally, trouble);
                    case UNSERVED -> "somebody misses half of a food" + mostlyWhom(tally, trouble);
                    case WAITS -> waits(tally, share);
                    case OVERCOOKED -> "half of somebody's portion is overcooked" + mostlyWhose(tally, trouble);
                    case LATE_FINISH -> "the last bite is over ten minutes after the finish";
                };
    }

    private String mostlyWhom(Tally tally, Trouble trouble) {
        return portion(tally, trouble)
                .map(portion -> ", mostly " + guest(portion.guest()) + " the " + food(portion.cut()))
                .orElse("");
    }

    private String mostlyWhose(Tally tally, Trouble trouble) {
        return portion(tally, trouble)
                .map(portion -> ", mostly " + guest(portion.guest()) + "'s " + food(portion.cut()))
                .orElse("");
    }

    private Optional<Script.Portion> portion(Tally tally, Trouble trouble) {
        return most(tally.whom(), who -> who.trouble() == trouble, Tally.Who::portion)
                .map(script.portions::get);
    }

    private String mostlyWhere(Tally tally, Trouble trouble) {
        return most(tally.moments(), when -> when.trouble() == trouble, Tally.When::side)
                .map(side -> ", mostly in " + side(side))
                .orElse("");
    }

    /** Each evening counts once for a guest and the food before the wait; the guest's own chance is at most their sum. */
    private String waits(Tally tally, Share share) {
        Optional<Integer> guest = most(tally.whom(), who -> who.trouble() == Trouble.WAITS, Tally.Who::guest);
        if (guest.isEmpty()) {
            return "somebody waits over ten minutes";
        }
        int who = guest.get();
        Optional<Integer> after =
                most(tally.whom(), one -> one.trouble() == Trouble.WAITS && one.guest() == who, Tally.Who::portion);
        boolean alone = tally.whom().keySet().stream()
                .filter(one -> one.trouble() == Trouble.WAITS)
                .allMatch(one -> one.guest() == who);
        String whom = alone
                ? guest(who) + " waits over ten minutes"
                : "somebody waits over ten minutes, mostly " + guest(who);
        return whom
                + after.filter(portion -> portion != Happening.NONE)
                        .map(portion -> (alone ? ", mostly after the " : " after the ")
                                + food(script.portions.get(portion).cut()))
                        .orElse(alone ? ", mostly for the first bite" : " for the first bite");
    }

    /** The weakest, by how often and how grave. */
    List<Moment> moments(Tally tally) {
        Comparator<Map.Entry<Tally.When, Integer>> byWeight = Comparator.comparingInt(
                entry -> -entry.getValue() * entry.getKey().trouble().weight());
        return tally.moments().entrySet().stream()
                .filter(entry -> entry.getKey().trouble() != Trouble.LATE_FINISH)
                .sorted(byWeight.thenComparing(Map.Entry::getKey))
                .limit(MOST_MOMENTS)
                .map(entry -> moment(entry.getKey(), Share.of(entry.getValue(), tally.evenings())))
                .toList();
    }

    /**
     * A change that was tried.
     *
     * @param before evenings with any trouble without it
     * @param helps how much it takes from the troubles of an evening in the mean, give or take the half of its interval
     */
    Change change(String label, @Nullable BriefEdit edit, Share before, Tally tally, double helps, double half) {
        boolean sure = helps - half > 0;
        Share then = tally.any();
        String shares = percent(then) + " of evenings with trouble instead of " + percent(before);
        boolean worse = helps + half < 0;
        String text = sure
                ? "Helps: " + (then.share() <= before.share() ? shares : "trouble no rarer, but less grave")
                : worse
                        ? "Makes it worse: " + (then.share() >= before.share() ? shares : "trouble rarer, but graver")
                        : "Makes no difference that could be told";
        return new Change(label, edit, then, chances(tally), helps, helps - half, helps + half, sure, text);
    }

    private static String percent(Share share) {
        return KitchenText.number(share.share() * 100, 0) + " %";
    }

    private Moment moment(Tally.When when, Share share) {
        int from = when.spell() * Tally.SPELL_S / MINUTE;
        String drop = when.drop() == Happening.NONE
                ? null
                : script.drops.get(when.drop()).id();
        String side = when.side() == Happening.NONE
                ? null
                : script.sides.get(when.side()).id();
        String what = when.drop() == Happening.NONE
                ? ""
                : food(script.drops.get(when.drop()).cut());
        String where = when.side() == Happening.NONE ? "" : "in " + side(when.side());
        String place = String.join(
                " ", Stream.of(what, where).filter(part -> !part.isEmpty()).toList());
        String text = KitchenText.upper(place) + ": " + inShort(when.trouble()) + " " + share.text();
        return new Moment(when.trouble(), from, from + Tally.SPELL_S / MINUTE, side, drop, share, text);
    }

    private static String inShort(Trouble trouble) {
        return switch (trouble) {
            case UNSAFE -> "not safe at its core";
            case UNDER_FLOOR -> "the broth too cool for raw food";
            case DRY -> "dry";
            case OVER_BRIM -> "over the brim";
            case UNSERVED -> "not served";
            case WAITS -> "waited for over ten minutes";
            case OVERCOOKED -> "overcooked";
            case LATE_FINISH -> "late";
        };
    }

    private String guest(int person) {
        return scene.brief()
                .guest(script.people.get(person).id())
                .map(Guest::name)
                .orElse("somebody");
    }

    private String food(String cut) {
        return KitchenText.lower(
                scene.catalogue().ingredientOf(scene.catalogue().cut(cut)).name());
    }

    private String side(int side) {
        String id = script.sides.get(side).id();
        return KitchenText.lower(scene.sideNames().getOrDefault(id, id));
    }
}
