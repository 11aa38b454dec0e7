/** What has happened: append-only events and their fold. Facts constrain a plan, they are never computed. */
@NullMarked
package org.livelyladle.core.facts;

import org.jspecify.annotations.NullMarked;
