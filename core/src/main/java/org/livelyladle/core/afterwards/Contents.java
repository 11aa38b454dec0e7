package org.livelyladle.core.afterwards;

import java.util.List;
import java.util.stream.Stream;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.safety.Content;
import org.livelyladle.core.table.Drop;

/** What things hold once the evening is over. */
record Contents(Brief brief, Catalogue catalogue) {
    /** Of a broth, with all that was cooked in it. */
    Content ofSide(String side, List<Drop> drops) {
        Stream<Content> broth = brief.sides().stream()
                .filter(one -> one.id().equals(side))
                .map(one -> Content.of(catalogue.broth(one.broth()), catalogue));
        Stream<Content> cooked = drops.stream()
                .filter(drop -> drop.side().equals(side))
                .map(Drop::cut)
                .distinct()
                .map(cut -> Content.of(catalogue.cut(cut), catalogue));
        return Content.union(Stream.concat(broth, cooked).toList());
    }

    Content ofCut(String cut) {
        return Content.of(catalogue.cut(cut), catalogue);
    }
}
