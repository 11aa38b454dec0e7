/**
 * The one simulator of pot, side and food for what is foreseen: temperature, level and salt of each side second by second,
 * with top-ups and heat settings. Each side is one stirred mass ({@link org.livelyladle.core.heat.StirredSide}); the sides
 * of a pot share its heat by area. Thin food takes the broth's temperature at once, thick food as a lump of its own that
 * warms with a time constant of a third of its time in the broth. On full until every side boils, then turned down so
 * that the boil evaporates a set surplus; the lid is on while it recovers from a drop. 1 ml of broth counts as 1 g.
 */
@NullMarked
package org.livelyladle.core.kettle;

import org.jspecify.annotations.NullMarked;
