package org.livelyladle.core.household;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.brief.OwnBroth;
import org.livelyladle.core.brief.OwnIngredient;
import org.livelyladle.core.brief.OwnSauce;
import org.livelyladle.core.brief.SauceChoice;
import org.livelyladle.core.brief.Side;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.check.InvalidInputException;
import org.livelyladle.core.edit.BriefSweep;
import org.livelyladle.core.learning.Subject;

/** Carries parts from a party to the household and back. */
public final class Keeper {
    private final Catalogue catalogue;

    public Keeper(Catalogue catalogue) {
        this.catalogue = catalogue;
    }

    /**
     * The household with a part of it as in a party, and with what that part is made of.
     *
     * @param id of which guest, food or broth of the party; null for the other parts
     */
    public Household keep(Household household, Brief brief, HouseholdPart part, @Nullable String id) {
        return swept(household.changed(draft -> {
            switch (part) {
                case PERSON -> draft.people = withPerson(household, named(brief.guests(), Guest::id, id));
                case FOOD -> keepFood(draft, List.of(named(brief.ownIngredients(), OwnIngredient::id, id)));
                case BROTH -> keepBroths(draft, brief, List.of(named(brief.ownBroths(), OwnBroth::id, id)));
                case SAUCE -> keepSauces(draft, brief, List.of(named(brief.ownSauces(), OwnSauce::id, id)));
                default -> {
                    part.keep(brief, draft);
                    keepWhatItNeeds(draft, brief, part);
                }
            }
        }));
    }

    private static void keepWhatItNeeds(HouseholdDraft draft, Brief brief, HouseholdPart part) {
        if (part == HouseholdPart.KITCHEN) {
            Set<String> used = brief.sides().stream().map(Side::broth).collect(Collectors.toSet());
            keepBroths(
                    draft,
                    brief,
                    brief.ownBroths().stream()
                            .filter(broth -> used.contains(broth.id()))
                            .toList());
        }
        if (part == HouseholdPart.BESIDE) {
            Set<String> used = brief.sauces().stream().map(SauceChoice::sauce).collect(Collectors.toSet());
            keepSauces(
                    draft,
                    brief,
                    brief.ownSauces().stream()
                            .filter(sauce -> used.contains(sauce.id()))
                            .toList());
            Set<String> setOut = new HashSet<>(brief.sauceBar());
            brief.extras().forEach(extra -> setOut.add(extra.ingredient()));
            keepFood(draft, brief, setOut);
        }
    }

    private static void keepFood(HouseholdDraft draft, List<OwnIngredient> food) {
        draft.ownIngredients = replaced(draft.ownIngredients, food, OwnIngredient::id);
    }

    /** Of these ingredients those of the household's own. */
    private static void keepFood(HouseholdDraft draft, Brief brief, Set<String> ids) {
        keepFood(
                draft,
                brief.ownIngredients().stream()
                        .filter(food -> ids.contains(food.id()))
                        .toList());
    }

    private static void keepSauces(HouseholdDraft draft, Brief brief, List<OwnSauce> sauces) {
        keepFood(
                draft,
                brief,
                sauces.stream()
                        .flatMap(sauce -> sauce.parts().stream())
                        .map(OwnSauce.SaucePart::ingredient)
                        .collect(Collectors.toSet()));
        draft.ownSauces = replaced(draft.ownSauces, sauces, OwnSauce::id);
    }

    private static void keepBroths(HouseholdDraft draft, Brief brief, List<OwnBroth> broths) {
        Set<String> parts = broths.stream()
                .flatMap(broth -> broth.parts().stream())
                .map(OwnBroth.OwnPart::ingredient)
                .collect(Collectors.toSet());
        keepFood(draft, brief, parts);
        draft.ownBroths = replaced(draft.ownBroths, broths, OwnBroth::id);
    }

    /** Somebody of the same id or name is the same person; a new one gets an id nobody of the book has. */
    private static List<Guest> withPerson(Household household, Guest guest) {
        String id = household.people().stream()
                .filter(person -> person.isThe(guest))
                .findFirst()
                .or(() -> household.person(guest.name()))
                .map(Guest::id)
                .orElseGet(() -> freshId(household.people()));
        Guest person = new Guest(
                id,
                guest.name(),
                guest.appetite(),
                guest.needs(),
                guest.wishes(),
                guest.heat(),
                0,
                null,
                guest.portionPercent(),
                guest.stirsOwnSauce(),
                null,
                false);
        return replaced(household.people(), List.of(person), Guest::id);
    }

    /** Ids alone say nothing: a party from elsewhere may have given the same one to somebody else. */
    private static String freshId(List<Guest> people) {
        Set<String> taken = people.stream().map(Guest::id).collect(Collectors.toSet());
        return Stream.iterate(1, n -> n + 1)
                .map(n -> "person-" + n)
                .filter(id -> !taken.contains(id))
                .findFirst()
                .orElseThrow();
    }

    /**
     * A party with a part of it as the household has it now, and without what it had decided of things that are gone with
     * it.
     *
     * @param id of which person, food or broth of the household; null for the other parts
     */
    public Brief take(Brief brief, Household household, HouseholdPart part, @Nullable String id) {
        return BriefSweep.sweep(taken(brief, household, part, id), catalogue);
    }

    private static Brief taken(Brief brief, Household household, HouseholdPart part, @Nullable String id) {
        return brief.changed(draft -> {
            switch (part) {
                case PERSON -> {
                    Guest person = named(household.people(), Guest::id, id);
                    draft.guests = brief.guests().stream()
                            .map(guest -> person.isThe(guest) ? guest.as(person) : guest)
                            .toList();
                }
                case FOOD ->
                    draft.ownIngredients = replaced(
                            brief.ownIngredients(),
                            List.of(named(household.ownIngredients(), OwnIngredient::id, id)),
                            OwnIngredient::id);
                case BROTH -> {
                    draft.ownIngredients =
                            replaced(brief.ownIngredients(), household.ownIngredients(), OwnIngredient::id);
                    draft.ownBroths = replaced(
                            brief.ownBroths(), List.of(named(household.ownBroths(), OwnBroth::id, id)), OwnBroth::id);
                }
                case SAUCE -> {
                    draft.ownIngredients =
                            replaced(brief.ownIngredients(), household.ownIngredients(), OwnIngredient::id);
                    draft.ownSauces = replaced(
                            brief.ownSauces(), List.of(named(household.ownSauces(), OwnSauce::id, id)), OwnSauce::id);
                }
                default -> {
                    part.take(household, draft);
                    draft.ownIngredients =
                            replaced(brief.ownIngredients(), household.ownIngredients(), OwnIngredient::id);
                    draft.ownBroths = replaced(brief.ownBroths(), household.ownBroths(), OwnBroth::id);
                    draft.ownSauces = replaced(brief.ownSauces(), household.ownSauces(), OwnSauce::id);
                }
            }
        });
    }

    /**
     * The household without a part of it, and without what cannot be without it.
     *
     * @param unsaid a household in which nobody has said anything, as which a whole part becomes
     */
    public Household forget(Household household, Household unsaid, HouseholdPart part, @Nullable String id) {
        return swept(household.changed(draft -> {
            switch (part) {
                case PERSON -> {
                    Household others = without(household, requireNonNull(id, "id"));
                    draft.people = others.people();
                    draft.rates = others.rates();
                }
                case FOOD -> draft.ownIngredients = without(household.ownIngredients(), OwnIngredient::id, id);
                case BROTH -> draft.ownBroths = without(household.ownBroths(), OwnBroth::id, id);
                case SAUCE -> draft.ownSauces = without(household.ownSauces(), OwnSauce::id, id);
                default -> part.copy(unsaid, draft);
            }
        }));
    }

    /** The household, which never knew somebody. */
    public Household without(Household household, String person) {
        return household.changed(draft -> {
            draft.people = without(household.people(), Guest::id, person);
            draft.rates = household.rates().without(Subject.APPETITE, person);
        });
    }

    /** Nothing refers to what is no longer there. */
    private Household swept(Household household) {
        return new HouseholdSweep(catalogue).sweep(household);
    }

    /** A part of which the household has changed since the party took it, and the party has it otherwise than now. */
    public record News(HouseholdPart part, @Nullable String id, String label) {}

    /**
     * What a party could take over.
     *
     * @param was the household when the party last took something of it
     * @param now as it is
     */
    public List<News> news(Brief brief, Household was, Household now) {
        List<News> news = new ArrayList<>();
        for (HouseholdPart part : HouseholdPart.values()) {
            if (!part.isSingle()) {
                offer(brief, was, now, part, null, part.label(), news);
            }
        }
        now.people().stream()
                .filter(person -> brief.guests().stream().anyMatch(guest -> person.isThe(guest))
                        && find(was.people(), Guest::id, person.id()).isPresent())
                .forEach(person -> offer(brief, was, now, HouseholdPart.PERSON, person.id(), person.name(), news));
        shared(brief.ownIngredients(), was.ownIngredients(), now.ownIngredients(), OwnIngredient::id)
                .forEach(own -> offer(brief, was, now, HouseholdPart.FOOD, own.id(), own.name(), news));
        shared(brief.ownBroths(), was.ownBroths(), now.ownBroths(), OwnBroth::id)
                .forEach(own -> offer(brief, was, now, HouseholdPart.BROTH, own.id(), own.name(), news));
        shared(brief.ownSauces(), was.ownSauces(), now.ownSauces(), OwnSauce::id)
                .forEach(own -> offer(brief, was, now, HouseholdPart.SAUCE, own.id(), own.name(), news));
        return news;
    }

    /** Those of the household as it is that the party has and the household had. */
    private static <T> List<T> shared(List<T> party, List<T> was, List<T> now, Function<T, String> ids) {
        return now.stream()
                .filter(own -> find(party, ids, ids.apply(own)).isPresent()
                        && find(was, ids, ids.apply(own)).isPresent())
                .toList();
    }

    private void offer(
            Brief brief,
            Household was,
            Household now,
            HouseholdPart part,
            @Nullable String id,
            String label,
            List<News> news) {
        Brief before = take(brief, was, part, id);
        Brief after = take(brief, now, part, id);
        if (!after.equals(brief) && !after.equals(before)) {
            news.add(new News(part, id, label));
        }
    }

    private static <T> Optional<T> find(List<T> all, Function<T, String> ids, @Nullable String id) {
        return all.stream().filter(item -> ids.apply(item).equals(id)).findFirst();
    }

    private static <T> T named(List<T> all, Function<T, String> ids, @Nullable String id) {
        return find(all, ids, id)
                .orElseThrow(() -> new InvalidInputException(
                        "id",
                        String.valueOf(id),
                        "one of " + all.stream().map(ids).toList()));
    }

    private static <T> List<T> without(List<T> all, Function<T, String> ids, @Nullable String id) {
        T gone = named(all, ids, id);
        return all.stream().filter(item -> !item.equals(gone)).toList();
    }

    /** Those of the same id are replaced where they stand, the others follow. */
    private static <T> List<T> replaced(List<T> all, List<T> by, Function<T, String> ids) {
        List<T> next = new ArrayList<>(all);
        for (T item : by) {
            int at = next.stream().map(ids).toList().indexOf(ids.apply(item));
            if (at < 0) {
                next.add(item);
            } else {
                next.set(at, item);
            }
        }
        return next;
    }
}
