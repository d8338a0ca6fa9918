package io.isokinet.core.skill;

/**
 * A common fault and what to say about it.
 *
 * @param seen what the observer sees
 * @param fix what to tell the child, or to change in the task; templates allowed in both
 */
public record Fault(String seen, String fix) {}
