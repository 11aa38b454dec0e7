package org.livelyladle.core.prep;

import java.time.Instant;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.facts.Facts;

/**
 * All jobs of a party where they stand at a moment.
 *
 * @param planned where they would stand had nothing happened yet
 * @param slots where they stand
 */
record Scheduled(
        Brief brief,
        PrepClock clock,
        Crew crew,
        Outings outings,
        Project project,
        Slot[] planned,
        Slot[] slots,
        Progress progress) {

    static Scheduled of(Brief brief, Catalogue catalogue, Facts facts, Instant asOf, PrepInputs inputs) {
        PrepClock clock = PrepClock.of(brief);
        Crew crew = new Crew(brief, clock);
        Project bare = new Project(new JobBuilder(brief, catalogue, clock).build(inputs));
        BaseFinder finder = new BaseFinder(bare, crew, brief);
        Boards.Ordered ordered = new Boards(bare, finder.find()).order();
        Replanner replanner = new Replanner(ordered.project(), crew, brief, clock, finder.outings());
        Slot[] planned = replanner.possible(ordered.slots());
        Slot[] slots = replanner.at(clock.minute(asOf), planned, facts.tasks());
        return new Scheduled(
                brief, clock, crew, finder.outings(), ordered.project(), planned, slots, replanner.progress());
    }

    /** When all but appointments is done [min from sitting down]. */
    int end() {
        int end = -brief.bufferMinutes();
        for (int i = 0; i < slots.length; i++) {
            if (!project.job(i).isFixed() && !progress.isDone(i)) {
                end = Math.max(end, slots[i].end());
            }
        }
        return end;
    }
}
