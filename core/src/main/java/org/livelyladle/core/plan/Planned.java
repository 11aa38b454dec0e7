package org.livelyladle.core.plan;

import org.livelyladle.core.measure.Ledger;

/** A plan with the ledger that explains its figures. */
public record Planned(Plan plan, Ledger ledger) {}
