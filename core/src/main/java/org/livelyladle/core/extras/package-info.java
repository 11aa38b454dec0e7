/** What stands beside the pots: drinks, starters, pickles, herbs and wraps, shared by kind among the guests they suit. */
@NullMarked
package org.livelyladle.core.extras;

import org.jspecify.annotations.NullMarked;
