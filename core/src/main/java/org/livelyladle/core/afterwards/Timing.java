package org.livelyladle.core.afterwards;

import org.jspecify.annotations.Nullable;

/**
 * Something of an evening whose time one may know, with what is usual.
 *
 * @param usual as a part of a journal, as though it had taken as long as is usual
 * @param unit of its figures: s, min or cartridges
 * @param marked how long it took by the marks of the evening; null where they do not tell, or tell the usual
 */
public record Timing(
        Journal.Took usual, String unit, @Nullable Double marked) {}
