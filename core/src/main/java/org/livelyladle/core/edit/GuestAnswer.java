package org.livelyladle.core.edit;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.brief.Appetite;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.brief.Need;
import org.livelyladle.core.brief.NeedKind;
import org.livelyladle.core.catalogue.Heat;
import org.livelyladle.core.check.Check;
import org.livelyladle.core.check.Usual;

/**
 * What a guest says of themselves before the evening; null what they did not say.
 *
 * @param needs what they keep away from, besides what is known
 * @param arrivesAfterMinutes after sitting down [min]
 */
public record GuestAnswer(
        @Nullable Appetite appetite,
        @Nullable Heat heat,
        @Usual("[]") List<NeedKind> needs,
        @Nullable Integer arrivesAfterMinutes) {
    private static final int LATEST_MINUTES = 230;

    public GuestAnswer {
        needs = Check.distinct(needs, "needs", NeedKind.values().length, kind -> kind);
        if (arrivesAfterMinutes != null) {
            Check.range(arrivesAfterMinutes, "arrivesAfterMinutes", 0, LATEST_MINUTES);
        }
    }

    /** One change of the brief, as one says it. */
    public record Offer(String label, BriefEdit edit) {}

    /** What the brief does not have yet; nothing for a guest it does not know. A need is never taken away by an answer. */
    public List<Offer> offers(Brief brief, String id) {
        return brief.guest(id).map(this::offers).orElse(List.of());
    }

    private List<Offer> offers(Guest guest) {
        String id = guest.id();
        List<Offer> offers = new ArrayList<>();
        for (NeedKind kind : needs) {
            if (!guest.has(kind)) {
                offers.add(new Offer(
                        guest.name() + ": " + kind.label(),
                        new BriefEdit.AddNeed(
                                id, kind, Need.asStrictAsMayBe(kind).strength())));
            }
        }
        if (guest.needsFromBefore() && guest.needs().stream().map(Need::kind).allMatch(needs::contains)) {
            offers.add(new Offer(guest.name() + ": still as known", new BriefEdit.ConfirmNeeds(List.of(id))));
        }
        if (appetite != null && appetite != guest.appetite()) {
            offers.add(new Offer(
                    guest.name() + ": " + appetite.label() + ", not "
                            + guest.appetite().label(),
                    new BriefEdit.SetAppetite(id, appetite)));
        }
        if (heat != null && heat != guest.heat()) {
            offers.add(new Offer(
                    guest.name() + " eats up to " + heat.label() + ", not "
                            + guest.heat().label(),
                    new BriefEdit.SetHeat(id, heat)));
        }
        if (arrivesAfterMinutes != null && arrivesAfterMinutes != guest.arrivesAfterMinutes()) {
            String when = arrivesAfterMinutes == 0
                    ? " comes on time"
                    : " comes " + arrivesAfterMinutes + " min after sitting down";
            offers.add(new Offer(guest.name() + when, new BriefEdit.ComeAfter(id, arrivesAfterMinutes)));
        }
        return offers;
    }
}
