/** What every request passes: JSON shape, limits, problems, headers, the page and the API's description. */
@NullMarked
package org.livelyladle.server.web;

import org.jspecify.annotations.NullMarked;
