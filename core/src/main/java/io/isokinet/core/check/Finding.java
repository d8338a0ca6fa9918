package io.isokinet.core.check;

/**
 * One thing a check found.
 *
 * @param rule the rule's short name, a slug: "cue-exists"
 * @param where where it was found, as a person would look for it: "activities.yaml:14", "row 3, given name"
 * @param message what was given, what must hold, what to try
 */
public record Finding(String rule, String where, String message) {}
