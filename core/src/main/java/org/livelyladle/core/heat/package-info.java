/**
 * Heat: conduction into food, the boiling point, and a side of broth as one stirred mass.
 *
 * <p>Conduction solves the heat equation with a convective surface. Constant properties and a start above freezing: the
 * exact series for slab, cylinder and sphere, products of them for short cylinder and brick ({@link
 * org.livelyladle.core.heat.Series}). A start below freezing, or a broth whose temperature varies: a finite-volume method
 * on enthalpy ({@link org.livelyladle.core.heat.Thawing}), one-dimensional. Both are read off at the centre.
 */
@NullMarked
package org.livelyladle.core.heat;

import org.jspecify.annotations.NullMarked;
