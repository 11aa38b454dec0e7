/** Volumes of the sides, and what each broth of the evening needs. */
@NullMarked
package org.livelyladle.core.broths;

import org.jspecify.annotations.NullMarked;
