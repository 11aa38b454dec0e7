/** What can be done to a brief: single edits, as remedies carry them, and what tidies up after them. */
@NullMarked
package org.livelyladle.core.edit;

import org.jspecify.annotations.NullMarked;
