package org.livelyladle.core.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.edit.BriefEdit;
import org.livelyladle.core.rehearsal.MistakeRates;
import org.livelyladle.core.rehearsal.Rehearsal;
import org.livelyladle.core.rehearsal.Rehearsal.Change;
import org.livelyladle.core.rehearsal.Rehearser;
import org.livelyladle.core.rehearsal.Scene;

/** Rehearses a plan, and every single change that might help it, in the same evenings. */
public final class RehearsalPlanner {
    private static final Comparator<Change> BEST_FIRST =
            Comparator.comparing(Change::sure).thenComparing(Change::helps).reversed();

    private final Planner planner;

    public RehearsalPlanner(Planner planner) {
        this.planner = planner;
    }

    /** Is told how far it is. */
    public interface Watcher {
        /**
         * @param far what is known so far
         * @param played evenings, those of changes too
         * @param of how many
         */
        void told(Rehearsal far, int played, int of);
    }

    /**
     * @param evenings 1 to {@value Rehearser#MOST_EVENINGS}
     * @return what is known when it is through, or stopped
     * @throws org.livelyladle.core.check.InvalidInputException when the brief does not fit the catalogue
     */
    public Rehearsal rehearse(
            Brief brief, MistakeRates rates, long seed, int evenings, Rehearser.Run run, Watcher watcher) {
        Scene scene = planner.scene(brief);
        Rehearser rehearser = new Rehearser(scene, rates, seed, evenings, run);
        int most = evenings * (1 + RehearsalChanges.MOST);
        Rehearsal base = rehearser.play(far -> watcher.told(far, far.evenings(), most));
        List<RehearsalChanges.Candidate> candidates = new RehearsalChanges(scene).mending(base);
        int all = evenings * (1 + candidates.size());
        List<Change> tried = new ArrayList<>();
        for (RehearsalChanges.Candidate candidate : candidates) {
            Scene changed = changed(scene, candidate.edit());
            if (run.isStopped().getAsBoolean()) {
                break;
            }
            int before = evenings * (1 + tried.size());
            Rehearsal far = base.trying(tried);
            Change change = rehearser.change(
                    candidate.label(), candidate.edit(), changed, n -> watcher.told(far, before + n, all));
            if (!run.isStopped().getAsBoolean()) {
                tried.add(change);
                tried.sort(BEST_FIRST);
            }
        }
        return base.trying(tried);
    }

    private Scene changed(Scene scene, @Nullable BriefEdit edit) {
        return edit == null ? scene.withAnotherCartridge() : planner.scene(edit.apply(scene.brief()));
    }
}
