/** House sauces scaled to the guests who may have them. */
@NullMarked
package org.livelyladle.core.sauces;

import org.jspecify.annotations.NullMarked;
