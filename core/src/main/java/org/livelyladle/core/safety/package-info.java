/** Which guest may eat what, and from where. Contact needs bar a whole side; state needs bar only the item. Nothing here is medical advice. */
@NullMarked
package org.livelyladle.core.safety;

import org.jspecify.annotations.NullMarked;
