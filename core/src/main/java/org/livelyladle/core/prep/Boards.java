package org.livelyladle.core.prep;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.livelyladle.core.brief.Decisions;
import org.livelyladle.core.catalogue.Station;

/** The order in which boards are used, made fast: washes become jobs, and whatever follows on a board waits its turn. */
final class Boards {
    private record Use(String id, int start, int unit, boolean wash) {}

    private final Project project;
    private final BaseFinder.Base base;

    Boards(Project project, BaseFinder.Base base) {
        this.project = project;
        this.base = base;
    }

    /** The project with washes and turns, and the slots of all its jobs. */
    record Ordered(Project project, Slot[] slots) {}

    Ordered order() {
        List<Use> uses = uses();
        List<Project.Turn> turns = new ArrayList<>();
        Map<String, List<String>> washedFor = new HashMap<>();
        for (int k = 1; k < uses.size(); k++) {
            Use first = uses.get(k - 1);
            Use then = uses.get(k);
            if (first.unit() == then.unit()) {
                turns.add(new Project.Turn(first.id(), then.id()));
                if (first.wash() || then.wash()) {
                    washedFor
                            .computeIfAbsent(then.id(), id -> new ArrayList<>())
                            .add(first.id());
                }
            }
        }
        List<Job> jobs = new ArrayList<>();
        List<Slot> slots = new ArrayList<>(Arrays.asList(base.slots()));
        project.jobs.forEach(job -> jobs.add(waiting(job, washedFor.get(job.id()))));
        for (BaseFinder.Wash wash : base.washes()) {
            jobs.add(waiting(wash(wash), washedFor.get(washId(wash))));
            slots.add(new Slot(wash.start(), wash.start() + Room.WASH_MINUTES, wash.cook(), 0));
        }
        return new Ordered(new Project(jobs, turns), slots.toArray(Slot[]::new));
    }

    /** Board by board, in the order of their starts. */
    private List<Use> uses() {
        List<Use> uses = new ArrayList<>();
        for (int i = 0; i < project.size(); i++) {
            if (project.job(i).at().isBoard()) {
                Slot slot = base.slots()[i];
                uses.add(new Use(project.job(i).id(), slot.start(), slot.unit(), false));
            }
        }
        base.washes().forEach(wash -> uses.add(new Use(washId(wash), wash.start(), wash.unit(), true)));
        uses.sort(Comparator.comparingInt(Use::unit).thenComparingInt(Use::start));
        return uses;
    }

    private String washId(BaseFinder.Wash wash) {
        return "wash:" + (wash.before() ? "before:" : "after:")
                + project.job(wash.job()).id();
    }

    private Job wash(BaseFinder.Wash wash) {
        Job job = project.job(wash.job());
        return new JobDraft(
                        washId(wash),
                        PrepTask.Group.CUT,
                        "Wash board and knife " + (wash.before() ? "before: " : "after: ")
                                + job.what()
                                        .substring(job.what().indexOf(": ") + 1)
                                        .strip())
                .with("hot water, soap, a clean cloth")
                .at(Station.SINK, false)
                .takes(Room.WASH_MINUTES)
                .warning("Hands too, before anything that is not cooked any more.")
                .decided(Decisions.none());
    }

    private static Job waiting(Job job, List<String> washes) {
        return washes == null ? job : job.alsoAfter(Set.copyOf(washes));
    }
}
