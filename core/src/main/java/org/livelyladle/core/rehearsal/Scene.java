package org.livelyladle.core.rehearsal;

import java.util.List;
import java.util.Map;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.cooking.CookingWindow;
import org.livelyladle.core.table.TablePlan;

/**
 * A table that is to be rehearsed.
 *
 * @param catalogue with what the brief adds to it
 * @param sideNames what each side is called
 * @param doses what is poured in, by time
 * @param spareCartridges for the gas stoves, besides one in each
 */
public record Scene(
        Brief brief,
        Catalogue catalogue,
        List<CookingWindow> windows,
        TablePlan table,
        Map<String, String> sideNames,
        List<Dose> doses,
        int spareCartridges) {
    /** What is poured into a side by the plan [ml, s from sitting down]. */
    public record Dose(String side, int at, double ml) {}

    public Scene {
        doses = List.copyOf(doses);
        windows = List.copyOf(windows);
        sideNames = Map.copyOf(sideNames);
    }

    /** The same with one cartridge more at hand. */
    public Scene withAnotherCartridge() {
        return new Scene(brief, catalogue, windows, table, sideNames, doses, spareCartridges + 1);
    }
}
