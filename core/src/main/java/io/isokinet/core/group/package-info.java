/** Groups and lanes by formation; knows counts, never metres. */
@NullMarked
package io.isokinet.core.group;

import org.jspecify.annotations.NullMarked;
