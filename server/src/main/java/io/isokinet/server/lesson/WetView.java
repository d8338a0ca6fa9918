package io.isokinet.server.lesson;

import io.isokinet.core.lesson.Wet;
import java.util.List;

/**
 * What becomes of a lesson when it rains.
 *
 * @param to the place it would go to
 */
public record WetView(String to, List<Wet.Inside> stretches) {}
