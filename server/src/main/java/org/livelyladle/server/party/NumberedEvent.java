package org.livelyladle.server.party;

import org.livelyladle.core.facts.PartyEvent;

/**
 * A recorded event and its place in the record.
 *
 * @param sequence given by the database, from 1 within a party
 */
public record NumberedEvent(long sequence, PartyEvent event) {}
