package org.livelyladle.core.advice;

/** Something that would make a better menu: why, and the one edit that does it. */
public record Suggestion(String id, String text, Remedy remedy) {}
