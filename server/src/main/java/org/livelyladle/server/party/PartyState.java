package org.livelyladle.server.party;

/**
 * How far a party has come.
 *
 * @param sequence number of its last event; 0 before the first
 * @param revision of its brief
 */
public record PartyState(long sequence, int revision) {}
