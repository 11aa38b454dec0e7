package org.livelyladle.core.prep;

import java.util.ArrayList;
import java.util.List;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.broths.BrothNeed;
import org.livelyladle.core.broths.Broths;
import org.livelyladle.core.catalogue.Broth.BrothStep;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.catalogue.Station;
import org.livelyladle.core.measure.KitchenText;

/** Making each broth, boiling it up and carrying it to its sides; a broth made from another waits for that one. */
record BrothJobs(Brief brief, Catalogue catalogue, Supplies supplies) {
    /** A ring too weak for it is given so long; memory [min]. */
    private static final double LONGEST_BOIL_MINUTES = 120;

    private static final double CARRY_MINUTES = 2;
    /** Putting on, a look at it now and then; memory [min]. */
    private static final int HANDS_MINUTES = 1;
    /** Cooled fast and kept cold; memory [min]. */
    private static final int BROTH_KEEPS_MINUTES = 2 * 24 * 60;
    /** A hot pot off its step waits so long for the next; memory [min]. */
    private static final int HOT_KEEPS_MINUTES = 30;

    private static final int SOAK_KEEPS_MINUTES = 240;
    /** Under its lid it stays near the boil; memory [min]. */
    private static final int BOILED_KEEPS_MINUTES = 15;
    /** At the table its own heat keeps it hot [min]. */
    private static final int CARRIED_KEEPS_MINUTES = 40;

    List<JobDraft> build(Broths broths) {
        List<JobDraft> drafts = new ArrayList<>();
        for (BrothNeed need : broths.needs()) {
            List<String> made = making(need, drafts);
            if (broths.sides().stream().anyMatch(side -> side.broth().equals(need.broth()))) {
                serving(need, made, drafts);
            }
        }
        return drafts;
    }

    private static String id(String broth, String step) {
        return "broth:" + broth + ":" + step;
    }

    /** The last step of making a broth, where it has one. */
    private List<String> made(String broth) {
        List<BrothStep> steps = catalogue.broth(broth).steps();
        return steps.isEmpty()
                ? List.of()
                : List.of(id(broth, steps.get(steps.size() - 1).id()));
    }

    /** Says what has to be done before it can be boiled up. */
    private List<String> making(BrothNeed need, List<JobDraft> drafts) {
        List<BrothStep> steps = catalogue.broth(need.broth()).steps();
        double litres = need.make().value() / 1000;
        List<String> before = new ArrayList<>(supplies.before(
                need.parts().stream().map(BrothNeed.PartNeed::ingredient).toList()));
        if (need.base() != null) {
            before.addAll(made(need.base().broth()));
        }
        for (int i = 0; i < steps.size(); i++) {
            BrothStep step = steps.get(i);
            JobDraft draft = new JobDraft(
                            id(need.broth(), step.id()),
                            PrepTask.Group.BROTH,
                            need.name() + ": " + KitchenText.lower(step.text()))
                    .broth(need.broth())
                    .of(need.make().text())
                    .with("stock pot")
                    .at(step.at(), step.at() == Station.VEGETABLE_BOARD)
                    .takes(step.minutes(), step.minutesPerLitre(), litres, "a litre")
                    .after(before)
                    .keeps(keeps(step, i == steps.size() - 1))
                    .warning(step.caution());
            if (step.passive()) {
                draft.passive(HANDS_MINUTES);
            }
            drafts.add(draft);
            before = List.of(draft.id());
        }
        return before;
    }

    private static int keeps(BrothStep step, boolean last) {
        if (last) {
            return BROTH_KEEPS_MINUTES;
        }
        return step.at().isLit() ? HOT_KEEPS_MINUTES : SOAK_KEEPS_MINUTES;
    }

    private void serving(BrothNeed need, List<String> made, List<JobDraft> drafts) {
        double boil = need.boil() == null ? LONGEST_BOIL_MINUTES : need.boil().value();
        String boilId = id(need.broth(), "boil");
        drafts.add(new JobDraft(boilId, PrepTask.Group.BROTH, need.name() + ": bring to the boil")
                .broth(need.broth())
                .of(need.make().text())
                .with("kitchen ring")
                .at(Station.RING, false)
                .takes(boil)
                .because("on a ring of " + brief.kitchen().ringWatts() + " W")
                .passive(HANDS_MINUTES)
                .after(made)
                .keeps(BOILED_KEEPS_MINUTES)
                .warning("Lid on; do not leave a lit stove alone."));
        drafts.add(new JobDraft(
                        id(need.broth(), "carry"),
                        PrepTask.Group.BROTH,
                        need.name() + ": fill the pot, carry the reserve")
                .broth(need.broth())
                .of(need.make().text())
                .with("ladle, oven gloves")
                .at(Station.NONE, false)
                .takes(CARRY_MINUTES)
                .after(List.of(boilId))
                .keeps(CARRIED_KEEPS_MINUTES)
                .warning("Hot and heavy: clear the way, lid on, children away."));
    }
}
