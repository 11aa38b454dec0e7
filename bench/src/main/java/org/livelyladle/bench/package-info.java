/** Benchmarks; run by {@code ./ladle bench}. Never part of the tests. */
@NullMarked
package org.livelyladle.bench;

import org.jspecify.annotations.NullMarked;
