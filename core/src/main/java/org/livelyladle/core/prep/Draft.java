package org.livelyladle.core.prep;

import java.time.Instant;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.facts.Facts;

/** All jobs of a party where they stand before anything has happened. */
record Draft(Brief brief, PrepClock clock, Crew crew, Outings outings, Project project, Slot[] planned) {
    static Draft of(Brief brief, Catalogue catalogue, PrepInputs inputs) {
        PrepClock clock = PrepClock.of(brief);
        Crew crew = new Crew(brief, clock);
        Project bare = new Project(new JobBuilder(brief, catalogue, clock)
                .build(inputs).stream()
                        .map(job -> job.taking(crew.times(job, brief)))
                        .toList());
        BaseFinder finder = new BaseFinder(bare, crew, brief);
        Boards.Ordered ordered = new Boards(bare, finder.find()).order();
        Draft wished = new Draft(brief, clock, crew, finder.outings(), ordered.project(), ordered.slots());
        return new Draft(brief, clock, crew, finder.outings(), ordered.project(), new Replanner(wished).possible());
    }

    /** As they stand at a moment. */
    Scheduled at(Facts facts, Instant asOf) {
        Replanner replanner = new Replanner(this);
        Slot[] slots = replanner.at(clock.minute(asOf), facts.tasks());
        return new Scheduled(this, slots, replanner.progress());
    }
}
