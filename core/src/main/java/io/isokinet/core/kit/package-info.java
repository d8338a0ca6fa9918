/** What a segment needs from the cupboard, what is there, and what does the job instead. */
@NullMarked
package io.isokinet.core.kit;

import org.jspecify.annotations.NullMarked;
