package io.isokinet.core.task;

/** How likely a try is where one thing has to happen. */
@FunctionalInterface
interface Chance {
    /**
     * @param z how far a child is from the usual one of its age, in standard deviations; more is worse
     * @return one without a figure where this does not tell
     */
    Success of(Task task, double z);
}
