package org.livelyladle.server.probe;

import java.time.Clock;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.check.InvalidInputException;
import org.livelyladle.core.facts.PartyEvent;
import org.livelyladle.core.table.Now;
import org.livelyladle.server.access.SignedIn;
import org.livelyladle.server.party.PartyService;
import org.livelyladle.server.plan.PlanService;
import org.livelyladle.server.web.HttpAsk;
import org.springframework.stereotype.Service;

/** Makes facts of what thermometers show. */
@Service
class ProbeService {
    private final Probe probe;
    private final PartyService parties;
    private final PlanService plans;
    private final Clock clock;

    ProbeService(Probe probe, PartyService parties, PlanService plans, Clock clock) {
        this.probe = probe;
        this.parties = parties;
        this.plans = plans;
        this.clock = clock;
    }

    /**
     * What a thermometer shows.
     *
     * @param celsius null where it does not answer [°C]
     * @param message why it does not; null where it does
     */
    record Shown(@Nullable Double celsius, @Nullable String message) {}

    /** @throws InvalidInputException where nobody sits at the table, or there is no such side */
    Shown read(SignedIn host, UUID party, String side) {
        Now now = plans.table(host, party, null).answer().now();
        if (!now.started()) {
            throw new InvalidInputException("side", side, "a side of a party that has sat down");
        }
        double near = now.sides().stream()
                .filter(one -> one.side().equals(side))
                .findFirst()
                .orElseThrow(() -> new InvalidInputException("side", side, "a side of the party"))
                .celsius();
        try {
            double celsius = probe.celsius(side, near);
            parties.record(host, party, List.of(PartyEvent.read(UUID.randomUUID(), clock.instant(), side, celsius)));
            return new Shown(celsius, null);
        } catch (HttpAsk.AwayException e) {
            return new Shown(null, "The thermometer " + e.getMessage() + ".");
        }
    }
}
