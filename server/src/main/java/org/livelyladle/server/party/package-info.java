/** Parties with their brief's revisions and their events, and the edit protocol over them. */
@NullMarked
package org.livelyladle.server.party;

import org.jspecify.annotations.NullMarked;
