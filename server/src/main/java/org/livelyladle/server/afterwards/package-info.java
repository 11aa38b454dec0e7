/** What came of evenings: a journal beside each party, and what a household learns from them. */
@NullMarked
package org.livelyladle.server.afterwards;

import org.jspecify.annotations.NullMarked;
