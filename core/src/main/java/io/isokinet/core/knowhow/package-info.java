/** The checked, immutable index of skills, cues, activities and kit. */
@NullMarked
package io.isokinet.core.knowhow;

import org.jspecify.annotations.NullMarked;
