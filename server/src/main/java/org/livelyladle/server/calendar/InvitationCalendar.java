package org.livelyladle.server.calendar;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.UUID;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.DtEnd;
import net.fortuna.ical4j.model.property.DtStamp;
import net.fortuna.ical4j.model.property.DtStart;
import net.fortuna.ical4j.model.property.Sequence;
import net.fortuna.ical4j.model.property.Summary;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.immutable.ImmutableTransp;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.server.access.SignedIn;
import org.livelyladle.server.party.PartyService;
import org.livelyladle.server.party.PartyView;
import org.springframework.stereotype.Component;

/** The date for a guest's calendar: when and how long, nothing else. */
@Component
public class InvitationCalendar {
    private final PartyService parties;
    private final Clock clock;

    InvitationCalendar(PartyService parties, Clock clock) {
        this.parties = parties;
        this.clock = clock;
    }

    public String of(SignedIn host, UUID party) {
        PartyView view = parties.get(host, party);
        Brief brief = view.brief();
        Instant start = brief.sitDown().atZone(brief.zoneId()).toInstant();
        VEvent event = new VEvent(false);
        event.add(new Uid("invitation@" + party + ".lively-ladle"));
        event.add(new DtStamp(clock.instant()));
        event.add(new Sequence(view.revision()));
        event.add(new Summary(brief.title()));
        event.add(new DtStart<>(start));
        event.add(new DtEnd<>(start.plus(Duration.ofMinutes(brief.mealMinutes()))));
        event.add(ImmutableTransp.OPAQUE);
        Calendar calendar = CalendarText.calendar("Invitation", brief.title());
        calendar.add(event);
        return CalendarText.of(calendar);
    }
}
