package org.livelyladle.server.party;

/**
 * What became of a batch of events.
 *
 * @param recorded new ones, now part of the record
 * @param known ones that were there already and changed nothing
 * @param last number of the last event of the party; 0 before the first
 */
public record EventReceipt(int recorded, int known, long last) {}
