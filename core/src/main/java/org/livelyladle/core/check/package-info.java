/** What every room stands on: values that check themselves, and the two ways to say that something will not do. */
@NullMarked
package org.livelyladle.core.check;

import org.jspecify.annotations.NullMarked;
