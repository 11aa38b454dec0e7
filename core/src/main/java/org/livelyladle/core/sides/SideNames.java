package org.livelyladle.core.sides;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Pot;
import org.livelyladle.core.brief.Side;

/**
 * What sides are called: by their broth, and by their pot too where others hold the same, and by their place in it where
 * one pot does twice. Nobody may take one for the other.
 */
public final class SideNames {
    private SideNames() {}

    /** By side, in the order of the sides. */
    public static Map<String, String> of(Brief brief, List<SidePlan> sides) {
        Map<String, String> names = new LinkedHashMap<>();
        for (SidePlan side : sides) {
            List<SidePlan> alike = sides.stream()
                    .filter(other -> other.brothName().equals(side.brothName()))
                    .toList();
            names.put(side.side(), side.brothName() + (alike.size() > 1 ? where(brief, side.side(), alike) : ""));
        }
        return names;
    }

    private static String where(Brief brief, String side, List<SidePlan> alike) {
        Pot pot = brief.potOf(side);
        long inPot = alike.stream()
                .filter(other -> brief.potOf(other.side()).equals(pot))
                .count();
        int place = pot.sides().stream().map(Side::id).toList().indexOf(side) + 1;
        return ", " + pot.name() + (inPot > 1 ? ", side " + place : "");
    }
}
