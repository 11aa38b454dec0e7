package org.livelyladle.server.party;

import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.livelyladle.core.afterwards.Journal;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.BriefCheck;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.check.InvalidInputException;
import org.livelyladle.core.facts.EventType;
import org.livelyladle.core.facts.PartyEvent;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;
import tools.jackson.databind.node.StringNode;

/**
 * A person taken out of all that is kept of a party. Somebody without name, needs and wishes eats in their place, so that
 * the evening stays what it was. What a host wrote in words of their own stays as it is written.
 */
final class Erasure {
    private static final String NOBODY = "Somebody";

    private final JsonMapper mapper;
    private final Catalogue catalogue;
    private final Guest person;

    Erasure(JsonMapper mapper, Catalogue catalogue, Guest person) {
        this.mapper = mapper;
        this.catalogue = catalogue;
        this.person = person;
    }

    /** Under which ids they are in it; under none where they never were. */
    List<String> idsIn(PartyHistory history) {
        return history.revisions().stream()
                .flatMap(saved -> saved.brief().guests().stream())
                .filter(guest -> person.goesBy(guest.name()))
                .map(Guest::id)
                .distinct()
                .toList();
    }

    PartyHistory of(PartyHistory history) {
        PartyHistory erased = history;
        for (String id : idsIn(history)) {
            PartyHistory before = erased;
            // an id may be a word that means something else too: then it stays, and tells nothing without its name
            erased = Stream.of(freshId(before), id)
                    .map(other -> of(before, id, other))
                    .filter(after -> fits(after, before))
                    .findFirst()
                    .orElseThrow();
        }
        return erased;
    }

    private boolean fits(PartyHistory erased, PartyHistory history) {
        try {
            BriefCheck.check(erased.newest(), catalogue);
            return erased.newest().menu().equals(history.newest().menu())
                    && erased.newest().pots().stream()
                            .map(pot -> pot.sides())
                            .toList()
                            .equals(history.newest().pots().stream()
                                    .map(pot -> pot.sides())
                                    .toList());
        } catch (InvalidInputException e) {
            return false;
        }
    }

    private static String freshId(PartyHistory history) {
        return Stream.iterate(1, n -> n + 1)
                .map(n -> "somebody-" + n)
                .filter(id -> history.revisions().stream()
                        .noneMatch(saved -> saved.brief().guest(id).isPresent()))
                .findFirst()
                .orElseThrow();
    }

    private PartyHistory of(PartyHistory history, String id, String other) {
        UnaryOperator<JsonNode> renaming = node -> renamed(node, token(id), Matcher.quoteReplacement(other));
        return new PartyHistory(
                PartyHistory.FORMAT,
                PartyHistory.VERSION,
                history.id(),
                history.createdAt(),
                history.deletedAt(),
                history.revisions().stream()
                        .map(saved -> new PartyHistory.Saved(
                                saved.savedAt(), over(without(id, saved.brief()), Brief.class, renaming)))
                        .toList(),
                history.events().stream()
                        .filter(recorded -> !isNeedOf(id, recorded.event()))
                        .map(recorded -> new PartyHistory.Recorded(
                                recorded.recordedAt(), over(recorded.event(), PartyEvent.class, renaming)))
                        .toList(),
                Optional.ofNullable(history.journal())
                        .map(journal -> over(journal, Journal.class, renaming))
                        .orElse(null));
    }

    private static boolean isNeedOf(String id, PartyEvent event) {
        return event.type() == EventType.NEED_SAID && id.equals(event.guest());
    }

    private static Brief without(String id, Brief brief) {
        List<Guest> guests = brief.guests().stream()
                .map(guest -> guest.id().equals(id)
                        ? Guest.of(guest.id(), NOBODY, guest.appetite(), guest.heat())
                                .staying(guest.arrivesAfterMinutes(), guest.leavesAfterMinutes())
                                .eatingPart(guest.portionPercent())
                        : guest)
                .toList();
        return brief.seating(guests);
    }

    /** The id as a word of its own, also within the id of something that is named after it. */
    private static Pattern token(String id) {
        return Pattern.compile("(?<![a-z0-9-])" + Pattern.quote(id) + "(?![a-z0-9-])");
    }

    private <T> T over(T document, Class<T> type, UnaryOperator<JsonNode> change) {
        try {
            return mapper.treeToValue(change.apply(mapper.valueToTree(document)), type);
        } catch (JacksonException e) {
            return document;
        }
    }

    private static JsonNode renamed(JsonNode node, Pattern token, String id) {
        if (node instanceof StringNode text) {
            return StringNode.valueOf(token.matcher(text.stringValue()).replaceAll(id));
        }
        if (node instanceof ArrayNode array) {
            for (int i = 0; i < array.size(); i++) {
                array.set(i, renamed(array.get(i), token, id));
            }
        } else if (node instanceof ObjectNode object) {
            List.copyOf(object.propertyNames()).forEach(name -> object.set(name, renamed(object.get(name), token, id)));
        }
        return node;
    }
}
