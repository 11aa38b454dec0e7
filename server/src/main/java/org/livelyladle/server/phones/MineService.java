package org.livelyladle.server.phones;

import java.time.Clock;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Cook;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.catalogue.Ingredient;
import org.livelyladle.core.edit.GuestAnswer;
import org.livelyladle.core.facts.EventType;
import org.livelyladle.core.facts.PartyEvent;
import org.livelyladle.core.prep.PrepTask;
import org.livelyladle.core.seat.Helper;
import org.livelyladle.core.table.Drop;
import org.livelyladle.core.table.Now;
import org.livelyladle.core.table.Stay;
import org.livelyladle.server.access.Paired;
import org.livelyladle.server.access.Role;
import org.livelyladle.server.party.EventReceipt;
import org.livelyladle.server.party.PartyService;
import org.livelyladle.server.plan.PlanService;
import org.livelyladle.server.plan.Seats;
import org.livelyladle.server.web.RefusedException;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;

/** What a phone is shown and what it may say: its own, and nothing of anybody else. */
@Service
class MineService {
    /** Nobody taps faster. */
    private static final int MOST_EVENTS_A_MINUTE = 120;

    private static final Set<EventType> OF_A_GUEST = EnumSet.of(
            EventType.TAKEN_OUT,
            EventType.DECLINED,
            EventType.FULL,
            EventType.WANTS,
            EventType.ARRIVED,
            EventType.LEFT,
            EventType.NEED_SAID,
            EventType.FELL_IN,
            EventType.TAKEN_BACK);

    private static final Set<EventType> OF_A_MINDER = EnumSet.of(
            EventType.PUT_IN,
            EventType.TAKEN_OUT,
            EventType.SKIPPED,
            EventType.SKIMMED,
            EventType.SOUP_SERVED,
            EventType.POURED,
            EventType.CUE_DONE);

    private static final Set<EventType> OF_A_COOK = EnumSet.of(
            EventType.TASK_STARTED,
            EventType.TASK_PAUSED,
            EventType.TASK_DONE,
            EventType.TASK_REOPENED,
            EventType.FELL_IN,
            EventType.TAKEN_BACK);

    static {
        OF_A_COOK.addAll(OF_A_MINDER);
    }

    private final PlanService plans;
    private final PartyService parties;
    private final PairingService pairing;
    private final AnswerService answers;
    private final Catalogue catalogue;
    private final Tries told;
    private final Seats seats;

    MineService(
            PlanService plans,
            PartyService parties,
            PairingService pairing,
            AnswerService answers,
            Seats seats,
            Catalogue catalogue,
            Clock clock) {
        this.plans = plans;
        this.parties = parties;
        this.pairing = pairing;
        this.answers = answers;
        this.seats = seats;
        this.catalogue = catalogue;
        this.told = new Tries(MOST_EVENTS_A_MINUTE, clock);
    }

    MineView view(Paired phone) {
        PlanService.Standing party = plans.standing(phone.host(), phone.party());
        Brief brief = party.brief();
        Now now = party.plan().table().now();
        Optional<Guest> guest = phone.role() == Role.GUEST ? guest(brief, phone) : Optional.empty();
        Optional<Cook> cook = phone.role() == Role.COOK ? cook(brief, phone) : Optional.empty();
        return new MineView(
                phone.role(),
                brief.title(),
                brief.sitDown(),
                brief.zone(),
                brief.mealMinutes(),
                now.started(),
                now.paused(),
                now.finished(),
                now.at(),
                now.satDown(),
                guest.isPresent() || cook.isPresent() ? List.of() : places(brief, phone),
                guest.map(one -> seats.of(party, one)).orElse(null),
                guest.flatMap(one -> answers.said(phone, one.id())).orElse(null),
                cook.map(one -> Helper.of(one, party.plan())).orElse(null),
                onTheTable(brief),
                party.sequence());
    }

    private static Optional<Guest> guest(Brief brief, Paired phone) {
        return Optional.ofNullable(phone.person()).flatMap(brief::guest);
    }

    private static Optional<Cook> cook(Brief brief, Paired phone) {
        return brief.cooks().stream()
                .filter(cook -> cook.id().equals(phone.person()))
                .findFirst();
    }

    /** Those nobody has a phone at. */
    private List<MineView.Named> places(Brief brief, Paired phone) {
        Set<String> taken = pairing.taken(phone);
        Stream<MineView.Named> all = phone.role() == Role.GUEST
                ? brief.guests().stream().map(guest -> new MineView.Named(guest.id(), guest.name()))
                : brief.cooks().stream().map(cook -> new MineView.Named(cook.id(), cook.name()));
        return all.filter(place -> !taken.contains(place.id())).toList();
    }

    private List<MineView.Named> onTheTable(Brief brief) {
        Catalogue known = brief.extend(catalogue);
        return brief.menu().stream()
                .map(item -> known.ingredientOf(known.cut(item.cut())))
                .distinct()
                .map(MineService::named)
                .toList();
    }

    private static MineView.Named named(Ingredient ingredient) {
        return new MineView.Named(ingredient.id(), ingredient.name());
    }

    /** A guest who has a place says something of themselves. */
    void answer(Paired phone, GuestAnswer answer) {
        answers.say(phone, person(phone), answer);
    }

    /**
     * @throws RefusedException 403 for what is not this phone's to say, 409 before it has a place, 429 for too much at once
     */
    EventReceipt record(Paired phone, List<PartyEvent> batch) {
        String person = person(phone);
        PlanService.Standing party = plans.standing(phone.host(), phone.party());
        for (PartyEvent event : batch) {
            told.check(phone.device());
            told.count(phone.device());
            String against = phone.role() == Role.GUEST
                    ? ofGuest(event, phone, person, party)
                    : ofCook(event, phone, person, party);
            if (against != null) {
                throw new RefusedException(HttpStatus.FORBIDDEN, event.type() + ": " + against);
            }
        }
        return parties.record(phone.host(), phone.party(), batch, phone.device());
    }

    private static String person(Paired phone) {
        String person = phone.person();
        if (person == null) {
            throw new RefusedException(HttpStatus.CONFLICT, "Take a place first.");
        }
        return person;
    }

    private @Nullable String ofGuest(PartyEvent event, Paired phone, String person, PlanService.Standing party) {
        if (isOfAMinder(event, person, party)) {
            return null;
        }
        if (!OF_A_GUEST.contains(event.type())) {
            return "a guest's phone may say " + OF_A_GUEST;
        }
        return switch (event.type()) {
            case TAKEN_OUT ->
                isServed(event, person, party) ? null : "only of one's own helping, named by drop and stay";
            case TAKEN_BACK -> isOwn(event, phone) ? null : "only of what this phone said";
            case FELL_IN -> null;
            default -> person.equals(event.guest()) ? null : "only of oneself";
        };
    }

    private @Nullable String ofCook(PartyEvent event, Paired phone, String person, PlanService.Standing party) {
        if (!OF_A_COOK.contains(event.type())) {
            return "a helper's phone may say " + OF_A_COOK;
        }
        return switch (event.type()) {
            case TASK_STARTED, TASK_PAUSED, TASK_DONE, TASK_REOPENED ->
                party.plan().prep().tasks().stream().anyMatch(task -> isOf(task, event, person))
                        ? null
                        : "only of one's own tasks";
            case TAKEN_BACK -> isOwn(event, phone) ? null : "only of what this phone said";
            default -> null;
        };
    }

    private static boolean isOf(PrepTask task, PartyEvent event, String person) {
        return person.equals(task.cook()) && task.id().equals(event.subject());
    }

    private boolean isOwn(PartyEvent event, Paired phone) {
        return event.event() != null && parties.isOf(phone.party(), event.event(), phone.device());
    }

    /** Guests who look after pots say what they did there. */
    private static boolean isOfAMinder(PartyEvent event, String person, PlanService.Standing party) {
        if (!OF_A_MINDER.contains(event.type())) {
            return false;
        }
        boolean isTheirCue = party.plan().table().now().cues().stream()
                .filter(cue -> person.equals(cue.minder()))
                .anyMatch(cue -> event.drop() == null
                        ? cue.side().equals(event.side())
                        : event.drop().equals(cue.drop()));
        if (isTheirCue) {
            return true;
        }
        return event.drop() == null
                ? party.brief().minders().contains(person)
                : drop(event, party)
                        .filter(drop -> person.equals(drop.minder()))
                        .isPresent();
    }

    private static boolean isServed(PartyEvent event, String person, PlanService.Standing party) {
        Integer stay = event.stay();
        return stay != null
                && drop(event, party)
                        .filter(drop -> stay < drop.stays().size())
                        .map(drop -> drop.stays().get(stay))
                        .filter(served -> isFor(served, person))
                        .isPresent();
    }

    private static boolean isFor(Stay stay, String person) {
        return stay.servings().stream().anyMatch(serving -> serving.guest().equals(person));
    }

    private static Optional<Drop> drop(PartyEvent event, PlanService.Standing party) {
        return party.plan().table().drops().stream()
                .filter(drop -> drop.id().equals(event.drop()))
                .findFirst();
    }
}
