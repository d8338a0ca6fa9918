package io.isokinet.core.activity;

/**
 * One turn in seconds: act, fetch, return, reset. In queues one child of a group has a turn at a time; elsewhere all do.
 */
public record TurnCycle(int act, int fetch, int back, int reset) {
    public int seconds() {
        return act + fetch + back + reset;
    }
}
