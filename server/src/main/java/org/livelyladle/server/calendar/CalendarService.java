package org.livelyladle.server.calendar;

import java.security.SecureRandom;
import java.time.Clock;
import java.util.Base64;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.server.access.SignedIn;
import org.livelyladle.server.party.PartyService;
import org.livelyladle.server.party.PartyView;
import org.livelyladle.server.plan.PlanService;
import org.livelyladle.server.web.RefusedException;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Writes a party's calendar and keeps its secret address. No transaction is held while a plan or a file is computed. */
@Service
class CalendarService {
    private static final int TOKEN_BYTES = 32;

    private final CalendarFeedRepository feeds;
    private final PartyService parties;
    private final PlanService plans;
    private final Clock clock;
    private final SecureRandom random = new SecureRandom();

    CalendarService(CalendarFeedRepository feeds, PartyService parties, PlanService plans, Clock clock) {
        this.feeds = feeds;
        this.parties = parties;
        this.plans = plans;
        this.clock = clock;
    }

    String calendar(SignedIn host, UUID party, @Nullable String cook) {
        PartyView view = parties.get(host, party);
        int changes = view.revision() + parties.events(host, party).size();
        return new PrepCalendar(
                        party.toString(), view.brief(), plans.plan(host, party).prep(), changes, clock.instant())
                .write(cook);
    }

    String calendar(String token, @Nullable String cook) {
        CalendarFeed feed = feeds.findByToken(token)
                .orElseThrow(() -> new RefusedException(
                        HttpStatus.NOT_FOUND, "There is no calendar at this address; it may have been withdrawn."));
        return calendar(feed.reader(), feed.partyId(), cook);
    }

    @Transactional(readOnly = true)
    public CalendarAddress address(SignedIn host, UUID party) {
        parties.get(host, party);
        return new CalendarAddress(
                feeds.findById(party).map(feed -> path(feed.token())).orElse(null));
    }

    /** A new address; an older one is no longer good. */
    @Transactional
    public CalendarAddress renew(SignedIn host, UUID party) {
        parties.get(host, party);
        byte[] secret = new byte[TOKEN_BYTES];
        random.nextBytes(secret);
        String token = Base64.getUrlEncoder().withoutPadding().encodeToString(secret);
        feeds.save(new CalendarFeed(party, token, host, clock.instant()));
        return new CalendarAddress(path(token));
    }

    @Transactional
    public void withdraw(SignedIn host, UUID party) {
        parties.get(host, party);
        feeds.deleteById(party);
    }

    BusyPreview busy(SignedIn host, UUID party, byte[] file) {
        Brief brief = parties.get(host, party).brief();
        return new BusyReader(brief).read(file);
    }

    private static String path(String token) {
        return "/calendar/" + token + ".ics";
    }
}
