/** Units, kitchen rounding, figures and the workings behind them. Masses in [g], volumes in [ml], times in [s] unless a name says otherwise. */
@NullMarked
package org.livelyladle.core.measure;

import org.jspecify.annotations.NullMarked;
