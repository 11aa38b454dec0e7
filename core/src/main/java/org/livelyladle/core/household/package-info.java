/**
 * What a host keeps from party to party, and how a party begins with it. A party takes a copy of what it uses and stays
 * as it was; what is worth keeping of it is written back part by part.
 */
@NullMarked
package org.livelyladle.core.household;

import org.jspecify.annotations.NullMarked;
