package org.livelyladle.server.access;

import java.io.Serializable;
import java.util.UUID;

/** Who asks, and for which household. */
public record SignedIn(UUID host, UUID household, String name) implements Serializable {}
