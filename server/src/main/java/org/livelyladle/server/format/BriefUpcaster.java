package org.livelyladle.server.format;

import java.util.List;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.catalogue.Category;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Briefs of format version 1 as version 2. Pure: it changes the tree it is given and reads nothing else. */
public final class BriefUpcaster {
    private static final String VERSION = "formatVersion";
    private static final String PORTIONS = "portionsPerAdult";
    private static final String ROOTS = Category.ROOTS.name();
    private static final String VEGETABLES = Category.VEGETABLES.name();

    private BriefUpcaster() {}

    /** Whatever is no brief of version 1 stays as it is. */
    public static void lift(JsonNode tree) {
        if (tree instanceof ObjectNode brief
                && brief.path(VERSION).isInt()
                && brief.path(VERSION).asInt() == 1) {
            brief.path("menu").forEach(BriefUpcaster::readyIsAState);
            if (brief.path(PORTIONS) instanceof ObjectNode portions) {
                quickVegetablesApart(portions);
            }
            brief.put(VERSION, Brief.VERSION);
        }
    }

    /** "ready" became one of the states food is bought in. */
    private static void readyIsAState(JsonNode node) {
        if (!(node instanceof ObjectNode item)) {
            return;
        }
        JsonNode ready = item.path("ready");
        if (ready.isBoolean() && ready.asBoolean() && !item.path("bought").isString()) {
            item.put("bought", "READY");
        }
        if (ready.isBoolean() || ready.isNull()) {
            item.remove("ready");
        }
    }

    /** Who said all kinds counted quick vegetables with the roots: both are shared as usual. */
    private static void quickVegetablesApart(ObjectNode portions) {
        List<Category> served = Category.served();
        if (!portions.path(ROOTS).isNumber() || portions.has(VEGETABLES) || portions.size() < served.size() - 1) {
            return;
        }
        double both = portions.path(ROOTS).asDouble();
        double slow = Category.ROOTS.gramsPerAdult();
        double quick = Category.VEGETABLES.gramsPerAdult();
        portions.put(ROOTS, both * slow / (slow + quick));
        portions.put(VEGETABLES, both * quick / (slow + quick));
    }
}
