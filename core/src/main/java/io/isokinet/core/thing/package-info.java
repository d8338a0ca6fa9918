/** Things in a cupboard: their properties, and what a task needs of them. */
@NullMarked
package io.isokinet.core.thing;

import org.jspecify.annotations.NullMarked;
