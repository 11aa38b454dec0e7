/**
 * What somebody does not get, what to heed, and what could be done about it. Remedies and suggestions are tried by going
 * through the stages of the pipeline again, which whoever asks for advice hands in.
 */
@NullMarked
package org.livelyladle.core.advice;

import org.jspecify.annotations.NullMarked;
