package org.livelyladle.core.advice;

import java.util.HashMap;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.Guest;
import org.livelyladle.core.edit.BriefEdit;
import org.livelyladle.core.table.Sequence;

/**
 * Lays the table anew as if a remedy were taken, so that none is offered to a hungry guest that would not feed them. At
 * most {@value #MOST_TABLES} tables a plan, fewer where many sit at them.
 */
public final class RemedyTrial {
    private static final int MOST_TABLES = 4;
    private static final int MOST_SEATS = 60;

    private final Brief brief;
    private final Function<Brief, Sequence> lay;
    private final Map<BriefEdit, Set<String>> fed = new HashMap<>();

    /** @param lay the table of a changed brief */
    public RemedyTrial(Brief brief, Function<Brief, Sequence> lay) {
        this.brief = brief;
        this.lay = lay;
    }

    boolean feeds(Remedy remedy, Guest guest) {
        BriefEdit edit = remedy.edit();
        if (edit == null) {
            return false;
        }
        if (!fed.containsKey(edit)) {
            int most = Math.min(
                    MOST_TABLES,
                    Math.max(2, MOST_SEATS / Math.max(1, brief.guests().size())));
            if (fed.size() >= most) {
                return false;
            }
            fed.put(edit, eaters(lay.apply(edit.apply(brief))));
        }
        return fed.get(edit).contains(guest.id());
    }

    private static Set<String> eaters(Sequence table) {
        return table.drops().stream()
                .flatMap(drop -> drop.gramsByGuest().keySet().stream())
                .collect(Collectors.toSet());
    }
}
