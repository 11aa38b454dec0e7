/** What stands on the table besides food: counted from guests, sides, sauces and portions. */
@NullMarked
package org.livelyladle.core.equipment;

import org.jspecify.annotations.NullMarked;
