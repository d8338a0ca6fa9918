package io.isokinet.core.unit;

/** A skill to teach, by one of its cue sets. @param cueSet a key "skill/kind" */
public record Target(String skill, String cueSet) {}
