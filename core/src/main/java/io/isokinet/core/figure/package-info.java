/** A child's body, how it moves through a skill, and cues as questions of the movement. Knows no interface: shapes, not pixels. */
@NullMarked
package io.isokinet.core.figure;

import org.jspecify.annotations.NullMarked;
