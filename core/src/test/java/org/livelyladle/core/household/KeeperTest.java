package org.livelyladle.core.household;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.livelyladle.core.Briefs;
import org.livelyladle.core.Parties;
import org.livelyladle.core.Records;
import org.livelyladle.core.Seeds;
import org.livelyladle.core.brief.Appetite;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.BriefCheck;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.brief.Need;
import org.livelyladle.core.brief.NeedKind;
import org.livelyladle.core.brief.Offer;
import org.livelyladle.core.brief.OwnBroth;
import org.livelyladle.core.brief.OwnIngredient;
import org.livelyladle.core.brief.OwnSauce;
import org.livelyladle.core.brief.Pot;
import org.livelyladle.core.brief.PriceSnapshot;
import org.livelyladle.core.brief.Side;
import org.livelyladle.core.brief.Strength;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.catalogue.Category;
import org.livelyladle.core.catalogue.Heat;
import org.livelyladle.core.check.InvalidInputException;

/** Parts go from a party to the household and into the next party, and whatever is forgotten leaves nothing behind. */
class KeeperTest {
    private static final Catalogue CATALOGUE = Catalogue.builtIn();
    private static final LocalDate DAY = LocalDate.of(2026, 11, 24);
    private final Keeper keeper = new Keeper(CATALOGUE);
    private final PartyStarter starter = new PartyStarter(CATALOGUE);
    private final Briefs briefs = Briefs.plain();

    static Household unsaid() {
        return Household.unsaid(List.of(), new PriceSnapshot(DAY, List.of(), List.of()));
    }

    private Brief start(Household household, String... names) {
        return starter.start(
                household,
                StartingPoint.USUAL,
                new NewParty("Next", LocalDateTime.of(2026, 12, 12, 19, 0), "Europe/Vienna", List.of(names)),
                DAY.atTime(12, 0));
    }

    @Test
    void aGuestOfTheBookComesWithWhatTheyEat() {
        Guest ann = Records.with(
                Briefs.guest("ann", new Need(NeedKind.CRUSTACEANS, Strength.MEDICAL)),
                Map.of("name", "Ann", "appetite", Appetite.HEARTY, "arrivesAfterMinutes", 20));
        briefs.guests.set(0, ann);
        Household household = keeper.keep(unsaid(), briefs.build(), HouseholdPart.PERSON, "ann");
        Brief next = start(household, "ann", "Ben", "Ann");

        Guest invited = next.guests().get(0);
        assertThat(invited.needs()).isEqualTo(ann.needs());
        assertThat(invited.appetite()).isEqualTo(Appetite.HEARTY);
        assertThat(invited.arrivesAfterMinutes()).isZero();
        assertThat(next.guests()).extracting(Guest::id).doesNotHaveDuplicates();
        assertThat(next.guests().get(1).needs()).isEmpty();
        assertThat(next.guests().get(2).needs()).isEmpty();
    }

    /** A renamed file of a stranger's party must not overwrite anybody's allergy. */
    @Test
    void anotherPersonOfTheSameIdIsAnotherPerson() {
        briefs.guests.set(
                0,
                Records.with(
                        Briefs.guest("person-1", new Need(NeedKind.CRUSTACEANS, Strength.MEDICAL)), "name", "Ann"));
        Household household = keeper.keep(unsaid(), briefs.build(), HouseholdPart.PERSON, "person-1");
        briefs.guests.set(0, Records.with(Briefs.guest("person-1"), "name", "Somebody else"));
        Household both = keeper.keep(household, briefs.build(), HouseholdPart.PERSON, "person-1");

        assertThat(both.people()).extracting(Guest::name).containsExactly("Ann", "Somebody else");
        assertThat(both.person("ann").orElseThrow().needs()).hasSize(1);
    }

    /** What the book says of Ann is offered to parties with Ann, and never put on a stranger who has her id. */
    @Test
    void newsOfAPersonAreForThatPerson() {
        briefs.guests.set(0, Records.with(Briefs.guest("ann"), "name", "Ann"));
        Household was = keeper.keep(unsaid(), briefs.build(), HouseholdPart.PERSON, "ann");
        Brief party = start(was, "Ann");
        briefs.guests.set(
                0, Records.with(Briefs.guest("ann", new Need(NeedKind.CRUSTACEANS, Strength.MEDICAL)), "name", "Ann"));
        Household now = keeper.keep(was, briefs.build(), HouseholdPart.PERSON, "ann");
        String id = now.people().get(0).id();
        assertThat(keeper.news(party, was, now)).extracting(Keeper.News::label).containsExactly("Ann");
        assertThat(keeper.take(party, now, HouseholdPart.PERSON, id)
                        .guests()
                        .get(0)
                        .needs())
                .hasSize(1);

        Brief elsewhere = party.seating(List.of(Records.with(Briefs.guest(id), "name", "Bob")));
        assertThat(keeper.news(elsewhere, was, now)).isEmpty();
        assertThat(keeper.take(elsewhere, now, HouseholdPart.PERSON, id)).isEqualTo(elsewhere);
    }

    /** What is kept of a party is in the next one, and taking it again changes nothing. */
    @ParameterizedTest
    @EnumSource(
            value = HouseholdPart.class,
            names = {"PERSON", "FOOD", "BROTH", "SAUCE"},
            mode = EnumSource.Mode.EXCLUDE)
    void whatIsKeptIsInTheNextParty(HouseholdPart part) {
        for (long seed : Seeds.of(1, 41).toArray()) {
            Brief party = Parties.random(seed);
            Household household = keeper.keep(unsaid(), party, part, null);
            HouseholdCheck.check(household, CATALOGUE);
            Brief next = start(household, "Ann", "Ben");

            BriefCheck.check(next, CATALOGUE);
            assertThat(keeper.take(next, household, part, null))
                    .as(part + " " + seed)
                    .isEqualTo(next);
            assertThat(keeper.news(next, household, household)).isEmpty();
        }
    }

    /** Everything of a hundred parties is kept, then forgotten in any order: the household fits at every step. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5})
    void nothingRefersToWhatIsForgotten(long seed) {
        for (long party : Seeds.of(20 * seed, 20 * seed + 20).toArray()) {
            Brief brief = Parties.random(party);
            Household household = unsaid();
            List<Object[]> kept = parts(brief);
            for (Object[] part : kept) {
                household = keeper.keep(household, brief, (HouseholdPart) part[0], (String) part[1]);
                HouseholdCheck.check(household, CATALOGUE);
            }
            java.util.Collections.shuffle(kept, new Random(party));
            for (Object[] part : kept) {
                if (isThere(household, (HouseholdPart) part[0], (String) part[1])) {
                    household = keeper.forget(household, unsaid(), (HouseholdPart) part[0], (String) part[1]);
                    HouseholdCheck.check(household, CATALOGUE);
                }
            }
        }
    }

    private static List<Object[]> parts(Brief brief) {
        List<Object[]> parts = new ArrayList<>();
        for (HouseholdPart part : HouseholdPart.values()) {
            if (!part.isSingle()) {
                parts.add(new Object[] {part, null});
            }
        }
        own(brief.ownIngredients()).forEach(food -> parts.add(new Object[] {HouseholdPart.FOOD, food.id()}));
        own(brief.ownBroths()).forEach(broth -> parts.add(new Object[] {HouseholdPart.BROTH, broth.id()}));
        own(brief.ownSauces()).forEach(sauce -> parts.add(new Object[] {HouseholdPart.SAUCE, sauce.id()}));
        return parts;
    }

    private static boolean isThere(Household household, HouseholdPart part, String id) {
        return switch (part) {
            case PERSON ->
                household.people().stream().anyMatch(item -> item.id().equals(id));
            case FOOD ->
                own(household.ownIngredients()).stream().map(OwnIngredient::id).anyMatch(id::equals);
            case BROTH -> own(household.ownBroths()).stream().map(OwnBroth::id).anyMatch(id::equals);
            case SAUCE -> own(household.ownSauces()).stream().map(OwnSauce::id).anyMatch(id::equals);
            default -> true;
        };
    }

    private static <T> List<T> own(List<T> some) {
        return Objects.requireNonNullElse(some, List.of());
    }

    /** Forgetting a food takes it out of the broth that has it; a broth of nothing else goes, and its side holds water. */
    @Test
    void aBrothWithoutItsOnlyPartIsGoneToo() {
        briefs.own.add(
                OwnIngredient.of("my-herb", "My herb", Category.LARDER, null, null, null, null, null, null, null));
        briefs.ownBroths.add(OwnBroth.of(
                "my-broth", "My broth", 1000, 0.8, Heat.HOT, List.of(OwnBroth.OwnPart.of("my-herb", 50)), List.of()));
        Brief plain = briefs.build();
        Pot pot = plain.pots().get(0);
        Brief brief = plain.setting(List.of(pot.holding(List.of(Side.of("only", "my-broth")))));
        Household kept = keeper.keep(unsaid(), brief, HouseholdPart.KITCHEN, null);
        assertThat(own(kept.ownBroths())).hasSize(1);
        assertThat(own(kept.ownIngredients())).hasSize(1);
        Household left = keeper.forget(kept, unsaid(), HouseholdPart.FOOD, "my-herb");

        assertThat(own(left.ownBroths())).isEmpty();
        assertThat(left.pots().get(0).sides().get(0).broth()).isEqualTo("kelp-water");
    }

    /** Only what the household has changed since, and the party has otherwise, is news. */
    @Test
    void newsAreWhatChangedSinceAndIsOtherwiseHere() {
        briefs.offers.add(new Offer("thin", "shop", "beef-ribeye", "Rib-eye", 400, 1900, null, null));
        Household was = keeper.keep(unsaid(), briefs.build(), HouseholdPart.SHOPS, null);
        Brief party = start(was, "Ann");
        Brief otherPots = party.setting(party.pots().stream()
                .map(pot -> Records.with(pot, "capacityMl", 4000))
                .toList());
        assertThat(keeper.news(otherPots, was, was)).isEmpty();

        briefs.offers.set(0, new Offer("thin", "shop", "beef-ribeye", "Rib-eye", 400, 2100, null, null));
        Household now = keeper.keep(was, briefs.build(), HouseholdPart.SHOPS, null);
        assertThat(keeper.news(otherPots, was, now))
                .extracting(Keeper.News::part)
                .containsExactly(HouseholdPart.SHOPS);
        Brief taken = keeper.take(otherPots, now, HouseholdPart.SHOPS, null);
        assertThat(taken.prices().offers().get(0).priceCents()).isEqualTo(2100);
        assertThat(taken.pots()).isEqualTo(otherPots.pots());
        assertThat(keeper.news(taken, was, now)).isEmpty();
    }

    @Test
    void whatIsNotThereCannotBeKept() {
        assertThatThrownBy(() -> keeper.keep(unsaid(), briefs.build(), HouseholdPart.PERSON, "nobody"))
                .isInstanceOf(InvalidInputException.class)
                .hasMessageContaining("nobody");
    }

    /** As last time: the same table and menu, nothing decided, nobody late, those who come now. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12})
    void aPartyAsLastTimeHoldsTogether(long seed) {
        Brief past = Parties.random(seed);
        NewParty wish = new NewParty(null, LocalDateTime.of(2027, 1, 16, 18, 30), "Europe/Vienna", List.of());
        Brief again = starter.again(unsaid(), past, wish, DAY.atTime(12, 0));
        BriefCheck.check(again, CATALOGUE);

        assertThat(again.menu()).isEqualTo(past.menu());
        assertThat(again.guests()).hasSameSizeAs(past.guests()).allMatch(guest -> guest.arrivesAfterMinutes() == 0);
        assertThat(again.decisions().portions()).isEmpty();
        assertThat(again.sitDown()).isEqualTo(wish.sitDown());
        BriefCheck.check(
                starter.again(
                        unsaid(),
                        past,
                        new NewParty(
                                null,
                                wish.sitDown(),
                                wish.zone(),
                                List.of("Zoe", past.guests().get(0).name())),
                        DAY.atTime(12, 0)),
                CATALOGUE);
    }
}
