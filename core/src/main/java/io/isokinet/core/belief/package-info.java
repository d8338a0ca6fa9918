/** What is believed of a class: each child and cue, from all looks at the class together. The mark is another thing, and stays. */
@NullMarked
package io.isokinet.core.belief;

import org.jspecify.annotations.NullMarked;
