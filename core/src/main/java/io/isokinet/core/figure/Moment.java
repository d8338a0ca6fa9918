package io.isokinet.core.figure;

/**
 * A pose that a movement goes through.
 *
 * @param name by which cues speak of it: ready, back, step, release, end
 * @param at seconds from the start
 * @param eyes what the face is turned to
 */
public record Moment(String name, double at, Pose pose, Eyes eyes) {}
