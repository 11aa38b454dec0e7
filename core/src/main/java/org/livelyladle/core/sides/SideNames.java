package org.livelyladle.core.sides;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.livelyladle.core.brief.Brief;

/** What sides are called: by their broth, and by their pot too where others hold the same. */
public final class SideNames {
    private SideNames() {}

    /** By side, in the order of the sides. */
    public static Map<String, String> of(Brief brief, List<SidePlan> sides) {
        Map<String, String> names = new LinkedHashMap<>();
        for (SidePlan side : sides) {
            boolean isShared = sides.stream()
                    .anyMatch(other -> !other.side().equals(side.side())
                            && other.brothName().equals(side.brothName()));
            String pot = isShared ? ", " + brief.potOf(side.side()).name() : "";
            names.put(side.side(), side.brothName() + pot);
        }
        return names;
    }
}
