package org.livelyladle.core.prep;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import org.livelyladle.core.brief.Cook;
import org.livelyladle.core.catalogue.Skill;
import org.livelyladle.core.catalogue.Station;
import org.livelyladle.core.measure.KitchenText;

/** What does not go as it should in a schedule. */
final class ProblemFinder {
    private final Scheduled plan;
    private final Reasons reasons;
    private final List<Prep.Problem> problems = new ArrayList<>();

    ProblemFinder(Scheduled plan, Reasons reasons) {
        this.plan = plan;
        this.reasons = reasons;
    }

    List<Prep.Problem> find() {
        late();
        for (int i = 0; i < plan.slots().length; i++) {
            if (!plan.project().job(i).isFixed() && !plan.progress().isDone(i)) {
                waits(i);
                skills(i);
                room(i);
            }
        }
        return problems;
    }

    private void late() {
        int end = plan.end();
        if (end > 0) {
            problems.add(new Prep.Problem(
                    Prep.Problem.Kind.LATE,
                    "",
                    "Prep ends at " + reasons.time(end) + ", " + KitchenText.minutes(end) + " after sitting down."));
        } else if (end > -plan.brief().bufferMinutes()) {
            problems.add(new Prep.Problem(
                    Prep.Problem.Kind.BUFFER,
                    "",
                    "Prep ends at " + reasons.time(end) + ": " + KitchenText.minutes(-end) + " of your buffer of "
                            + KitchenText.minutes(plan.brief().bufferMinutes()) + " are left."));
        }
    }

    private void waits(int i) {
        Job job = plan.project().job(i);
        int waits = plan.needed(i) - plan.slots()[i].end();
        if (waits > job.keepsMinutes()) {
            problems.add(new Prep.Problem(
                    Prep.Problem.Kind.WAITS,
                    job.id(),
                    "“" + job.what() + "” is done " + KitchenText.minutes(waits) + " before it is needed; it keeps "
                            + KitchenText.minutes(job.keepsMinutes()) + "."));
        }
    }

    private void skills(int i) {
        int place = plan.slots()[i].cook();
        Job job = plan.project().job(i);
        if (place == Slot.NOBODY) {
            return;
        }
        Cook cook = plan.crew().cooks.get(place);
        if (!cook.can(job.skills())) {
            String missing = job.skills().stream()
                    .filter(skill -> !cook.can(List.of(skill)))
                    .map(Skill::label)
                    .sorted()
                    .collect(Collectors.joining(" and "));
            problems.add(new Prep.Problem(
                    Prep.Problem.Kind.UNSKILLED,
                    job.id(),
                    "“" + job.what() + "” falls to " + cook.name() + ", who is not down for: " + missing + "."));
        }
    }

    private void room(int i) {
        Job job = plan.project().job(i);
        int there = plan.brief().kitchen().count(job.at());
        boolean litres = job.at().isCold() && job.litres() > there;
        if (litres || job.at() == Station.OVEN && there == 0) {
            problems.add(new Prep.Problem(
                    Prep.Problem.Kind.NO_ROOM,
                    job.id(),
                    "“" + job.what() + "” needs "
                            + (litres
                                    ? job.litres() + " l in the " + job.at().label() + ", there are " + there
                                            + ": do it in parts."
                                    : "an oven, and the kitchen has none.")));
        }
    }
}
