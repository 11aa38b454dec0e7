package org.livelyladle.core.rehearsal;

import java.util.List;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.check.Check;
import org.livelyladle.core.check.Key;
import org.livelyladle.core.check.Usual;

/**
 * How an evening is disturbed. All usual figures are from memory: nobody has counted them, and a household may say its own.
 *
 * @param attention of everybody who is not named
 * @param people whose attention is otherwise
 * @param attentive how somebody slips who is with the pots
 * @param usual how somebody slips who talks and eats as well
 * @param distracted how somebody slips who is elsewhere with their thoughts
 */
public record MistakeRates(
        @Usual("USUAL") Attention attention,
        @Usual("[]") @Key("person") List<Person> people,

        @Usual("{\"takenOutLate\":4,\"putInLate\":5,\"forgets\":0.002,\"foundAfter\":120,\"tooMuch\":0.02,"
                + "\"letsGo\":0.003,\"awayPerHour\":0.2,\"awaySeconds\":120}")
        Slips attentive,

        @Usual("{\"takenOutLate\":10,\"putInLate\":15,\"forgets\":0.01,\"foundAfter\":180,\"tooMuch\":0.05,"
                + "\"letsGo\":0.01,\"awayPerHour\":0.5,\"awaySeconds\":180}")
        Slips usual,

        @Usual("{\"takenOutLate\":25,\"putInLate\":40,\"forgets\":0.04,\"foundAfter\":240,\"tooMuch\":0.1,"
                + "\"letsGo\":0.03,\"awayPerHour\":1,\"awaySeconds\":240}")
        Slips distracted,

        @Usual("{}") Surroundings surroundings) {

    /** Somebody whose attention is otherwise. */
    public record Person(String person, Attention attention) {
        public Person {
            person = Check.id(person, "person");
            Check.present(attention, "attention");
        }
    }

    public MistakeRates {
        Check.present(attention, "attention");
        people = Check.distinct(people, "people", Brief.MOST_GUESTS, Person::person);
        Check.present(attentive, "attentive");
        Check.present(usual, "usual");
        Check.present(distracted, "distracted");
        Check.present(surroundings, "surroundings");
    }

    /** An evening that goes as planned. */
    public static MistakeRates none() {
        Slips never = Slips.none();
        return new MistakeRates(Attention.USUAL, List.of(), never, never, never, Surroundings.none());
    }

    Slips of(String person) {
        Attention own = people.stream()
                .filter(other -> other.person().equals(person))
                .map(Person::attention)
                .findFirst()
                .orElse(attention);
        return switch (own) {
            case ATTENTIVE -> attentive;
            case USUAL -> usual;
            case DISTRACTED -> distracted;
        };
    }
}
