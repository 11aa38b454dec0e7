package org.livelyladle.core.broths;

import java.util.ArrayList;
import java.util.List;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.BriefCheck;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.brief.Need;
import org.livelyladle.core.brief.OwnBroth;
import org.livelyladle.core.catalogue.Broth;
import org.livelyladle.core.catalogue.Broth.BrothStep;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.catalogue.Heat;
import org.livelyladle.core.safety.Content;
import org.livelyladle.core.safety.Needs;

/**
 * A broth a side could hold, and whom it would shut out.
 *
 * @param own of the household
 * @param handsMinutes somebody stands by, for {@value #LITRES} litres, its base included [min]
 * @param minutes from the first step to the last, for as much [min]
 */
public record BrothChoice(
        String broth,
        String name,
        String remark,
        String tint,
        Heat heat,
        Broth.Source source,
        boolean own,
        double handsMinutes,
        double minutes,
        List<Closed> closedTo) {
    /** Work is told for so much: a side and its reserve. */
    private static final double LITRES = 2;

    public BrothChoice {
        closedTo = List.copyOf(closedTo);
    }

    /** A guest it is not for, and why in a few words. */
    public record Closed(String guest, String reason) {}

    /** All there are, the household's own first, then by work. */
    public static List<BrothChoice> of(Brief brief, Catalogue builtIn) {
        BriefCheck.check(brief, builtIn);
        Catalogue catalogue = brief.extend(builtIn);
        List<String> own = brief.ownBroths().stream().map(OwnBroth::id).toList();
        return catalogue.broths().stream()
                .map(broth -> of(broth, own.contains(broth.id()), brief, catalogue))
                .toList();
    }

    private static BrothChoice of(Broth broth, boolean own, Brief brief, Catalogue catalogue) {
        List<BrothStep> steps = new ArrayList<>(broth.steps());
        if (broth.base() != null) {
            steps.addAll(catalogue.broth(broth.base().broth()).steps());
        }
        return new BrothChoice(
                broth.id(),
                broth.name(),
                broth.remark(),
                broth.tint(),
                broth.heat(),
                broth.source(),
                own,
                steps.stream()
                        .filter(step -> !step.passive())
                        .mapToDouble(BrothChoice::minutes)
                        .sum(),
                steps.stream().mapToDouble(BrothChoice::minutes).sum(),
                closedTo(broth, brief, catalogue));
    }

    private static double minutes(BrothStep step) {
        return step.minutes() + LITRES * step.minutesPerLitre();
    }

    private static List<Closed> closedTo(Broth broth, Brief brief, Catalogue catalogue) {
        Content content = Content.of(broth, catalogue);
        List<Closed> closed = new ArrayList<>();
        for (Guest guest : brief.guests()) {
            List<Need> broken = Needs.brokenByContact(guest, content);
            if (!broken.isEmpty()) {
                closed.add(new Closed(guest.id(), Needs.labels(broken, content)));
            } else if (broth.heat().compareTo(guest.heat()) > 0) {
                closed.add(new Closed(guest.id(), "too hot"));
            }
        }
        return closed;
    }
}
