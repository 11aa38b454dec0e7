package org.livelyladle.server.plan;

import java.util.List;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.cooking.WindowModel;
import org.livelyladle.core.seat.Seat;
import org.livelyladle.core.seat.SeatWriter;
import org.springframework.stereotype.Component;

/** The evening of each guest, for phones and for paper. */
@Component
public class Seats {
    private final Catalogue catalogue;
    /** Sides are looked at again and again at nearly the same temperatures. */
    private final WindowModel windows = new WindowModel();

    Seats(Catalogue catalogue) {
        this.catalogue = catalogue;
    }

    public Seat of(PlanService.Standing party, Guest guest) {
        return writer(party).write(guest);
    }

    public List<Seat> all(PlanService.Standing party) {
        SeatWriter writer = writer(party);
        return party.brief().guests().stream().map(writer::write).toList();
    }

    private SeatWriter writer(PlanService.Standing party) {
        return new SeatWriter(party.brief(), catalogue, windows, party.plan(), party.facts());
    }
}
