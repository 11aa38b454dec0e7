/** Phones at the table: invited, paired, each with its own view of the evening and its own few things to say. */
@NullMarked
package org.livelyladle.server.phones;

import org.jspecify.annotations.NullMarked;
