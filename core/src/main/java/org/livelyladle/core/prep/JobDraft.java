package org.livelyladle.core.prep;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.brief.Decisions;
import org.livelyladle.core.catalogue.Skill;
import org.livelyladle.core.catalogue.Station;
import org.livelyladle.core.measure.KitchenText;

/** A job being put together, part by part; what the host decided of it comes in at the end. */
final class JobDraft {
    private static final int ONE_DAY = 24 * 60;

    private final String id;
    private final PrepTask.Group group;
    private final String what;
    private final List<String> after = new ArrayList<>();
    private List<String> cuts = List.of();
    private @Nullable String broth;
    private List<String> things = List.of();
    private String amount = "";
    private String tool = "";
    private String rule = "any amount";
    private String caution = "";
    private double minutes;
    private @Nullable Integer hands;
    private Set<Skill> skills = Set.of();
    private Station at = Station.NONE;
    private int litres;
    private int keeps = ONE_DAY;
    private @Nullable Integer fixedAt;

    JobDraft(String id, PrepTask.Group group, String what) {
        this.id = id;
        this.group = group;
        this.what = what;
    }

    String id() {
        return id;
    }

    JobDraft of(String amount) {
        this.amount = amount;
        return this;
    }

    JobDraft with(String tool) {
        this.tool = tool;
        return this;
    }

    /** Any amount takes so long [min]. */
    JobDraft takes(double minutes) {
        this.minutes = minutes;
        return this;
    }

    /** So long and so much more a unit [min]. */
    JobDraft takes(double minutes, double more, double units, String unit) {
        this.minutes = minutes + more * units;
        if (more > 0) {
            rule = KitchenText.number(minutes, 0) + " min and " + KitchenText.number(more, 0) + " " + unit;
        }
        return this;
    }

    JobDraft because(String rule) {
        this.rule = rule;
        return this;
    }

    /** Runs by itself; somebody is at it for the first minutes only [min]. */
    JobDraft passive(int hands) {
        this.hands = hands;
        return this;
    }

    JobDraft at(Station at, boolean knife) {
        this.at = at;
        this.skills = Skill.of(at, knife);
        return this;
    }

    JobDraft litres(double litres) {
        this.litres = (int) Math.max(1, Math.ceil(litres - 1e-9));
        return this;
    }

    JobDraft after(Collection<String> ids) {
        after.addAll(ids);
        return this;
    }

    /** It works on these cuts. */
    JobDraft cuts(List<String> ids) {
        this.cuts = ids;
        return this;
    }

    /** It makes this broth. */
    JobDraft broth(String id) {
        this.broth = id;
        return this;
    }

    /** To be ticked off one by one. */
    JobDraft things(List<String> list) {
        this.things = list;
        return this;
    }

    JobDraft keeps(int minutes) {
        this.keeps = minutes;
        return this;
    }

    JobDraft warning(String caution) {
        this.caution = caution;
        return this;
    }

    /** An appointment [min from sitting down]. */
    JobDraft fixed(int start) {
        this.fixedAt = start;
        return this;
    }

    Job decided(Decisions decisions) {
        Decisions.@Nullable TaskPin pin = decisions.task(id).orElse(null);
        Integer own = pin == null ? null : pin.minutes();
        int whole = own != null ? own : (int) Math.max(1, Math.ceil(minutes - 1e-9));
        return new Job(
                id,
                group,
                what,
                amount,
                tool,
                whole,
                rule,
                own != null ? own : minutes,
                own != null,
                hands == null ? whole : Math.min(hands, whole),
                skills,
                at,
                litres,
                List.copyOf(after),
                keeps,
                fixedAt,
                pin == null || pin.minutesBefore() == null || fixedAt != null ? null : -pin.minutesBefore(),
                pin == null ? null : pin.cook(),
                caution,
                cuts,
                broth,
                things);
    }
}
