/** The pipeline from brief, catalogue and facts to a plan, and nothing else. */
@NullMarked
package org.livelyladle.core.plan;

import org.jspecify.annotations.NullMarked;
