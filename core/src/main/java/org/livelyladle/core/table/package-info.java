/** The sequence at the table: which side gets what, when it goes in and when it comes out. */
@NullMarked
package org.livelyladle.core.table;

import org.jspecify.annotations.NullMarked;
