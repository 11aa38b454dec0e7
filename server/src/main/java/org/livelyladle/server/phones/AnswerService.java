package org.livelyladle.server.phones;

import java.time.Clock;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.edit.GuestAnswer;
import org.livelyladle.server.access.Paired;
import org.livelyladle.server.access.SignedIn;
import org.livelyladle.server.party.PartyService;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** What guests say before the evening, kept until the host has dealt with it. */
@Service
@Transactional
class AnswerService {
    /** From sitting down: longer than any invitation lasts. */
    private static final Duration KEPT_FOR = Duration.ofDays(2);

    private final SaidAnswerRepository answers;
    private final PartyService parties;
    private final JsonMapper json;
    private final Clock clock;

    AnswerService(SaidAnswerRepository answers, PartyService parties, JsonMapper json, Clock clock) {
        this.answers = answers;
        this.parties = parties;
        this.json = json;
        this.clock = clock;
    }

    void say(Paired phone, String guest, GuestAnswer answer) {
        forget();
        answers.save(new SaidAnswer(
                new SaidAnswer.Key(phone.party(), guest), json.writeValueAsString(answer), clock.instant()));
        parties.announce(phone.party());
    }

    /** What was said for a party that is long over is nobody's business any more. */
    @EventListener(ApplicationReadyEvent.class)
    void forget() {
        answers.forgetOlder(clock.instant().minus(KEPT_FOR));
    }

    @Transactional(readOnly = true)
    Optional<GuestAnswer> said(Paired phone, String guest) {
        return answers.findById(new SaidAnswer.Key(phone.party(), guest)).map(this::read);
    }

    private GuestAnswer read(SaidAnswer said) {
        return json.readValue(said.answer(), GuestAnswer.class);
    }

    /** What of a guest's answer the brief does not have yet. */
    record Open(String guest, Brief before, GuestAnswer.Offer offer) {}

    @Transactional(readOnly = true)
    List<Open> open(SignedIn host, UUID party) {
        Brief brief = parties.get(host, party).brief();
        return answers.of(party).stream()
                .flatMap(said -> read(said).offers(brief, said.guest()).stream()
                        .map(offer -> new Open(said.guest(), brief, offer)))
                .toList();
    }

    /** The host has dealt with it. */
    void settle(SignedIn host, UUID party, String guest) {
        parties.state(host, party);
        answers.deleteById(new SaidAnswer.Key(party, guest));
    }
}
