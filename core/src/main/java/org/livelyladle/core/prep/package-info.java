/** What has to be done before sitting down, chained backwards from that moment. */
@NullMarked
package org.livelyladle.core.prep;

import org.jspecify.annotations.NullMarked;
