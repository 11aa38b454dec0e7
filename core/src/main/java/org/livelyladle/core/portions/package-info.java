/** Grams and pieces per guest and cut: appetite factor times portion per adult, reflowed where a guest may not eat, shared by liking, rounded by largest remainder. */
@NullMarked
package org.livelyladle.core.portions;

import org.jspecify.annotations.NullMarked;
