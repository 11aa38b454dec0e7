package org.livelyladle.core.brief;

import java.util.List;
import org.livelyladle.core.catalogue.Heat;

/**
 * Somebody who comes to eat.
 *
 * @param heat the hottest broth this guest eats from
 * @param arrivesAfterMinutes how long after sitting down [min]; 0 for on time
 */
public record Guest(
        String id,
        String name,
        Appetite appetite,
        List<Need> needs,
        List<Wish> wishes,
        Heat heat,
        int arrivesAfterMinutes) {

    public Guest {
        Check.id(id, "id");
        name = Check.text(name, "name", 40);
        Check.present(appetite, "appetite");
        needs = Check.distinct(needs, "needs", 22, Need::kind);
        wishes = Check.distinct(wishes, "wishes", 100, Wish::cut);
        Check.present(heat, "heat");
        Check.range(arrivesAfterMinutes, "arrivesAfterMinutes", 0, 240);
    }

    public Liking likingOf(String cut) {
        return wishes.stream()
                .filter(wish -> wish.cut().equals(cut))
                .map(Wish::liking)
                .findFirst()
                .orElse(Liking.LIKE);
    }

    public boolean has(NeedKind kind) {
        return needs.stream().anyMatch(need -> need.kind() == kind);
    }
}
