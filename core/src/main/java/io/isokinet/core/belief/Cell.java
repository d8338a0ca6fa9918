package io.isokinet.core.belief;

/** A child and a cue, by their keys. */
public record Cell(String child, String cue) {}
