/** What can be cooked, and what is known about it. Read from CSV and YAML resources whose rows are checked one by one; a bad row names file, line, field and what is accepted. */
@NullMarked
package org.livelyladle.core.catalogue;

import org.jspecify.annotations.NullMarked;
