package org.livelyladle.server.phones;

import org.livelyladle.core.edit.BriefEdit;

/**
 * Something a guest said, as an edit the host may take.
 *
 * @param effect on bill and work
 */
record AnswerOffer(String guest, String label, String effect, BriefEdit edit) {}
