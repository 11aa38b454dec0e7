/** What a sequence of the evening consists of: drops with their stays, and how guests fare. Records only. */
@NullMarked
package org.livelyladle.core.table;

import org.jspecify.annotations.NullMarked;
