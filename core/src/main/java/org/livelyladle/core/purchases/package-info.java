/** From needs to packs: least cost including waste, by shop and aisle, with pantry and what is already bought taken off. */
@NullMarked
package org.livelyladle.core.purchases;

import org.jspecify.annotations.NullMarked;
