/** Reads and checks know-how packs: YAML in, a checked index or findings out. */
@NullMarked
package io.isokinet.knowhow;

import org.jspecify.annotations.NullMarked;
