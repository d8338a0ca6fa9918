/** The school year on a page: half terms, which skills a class has in each, and what it still lacks. */
@NullMarked
package io.isokinet.core.year;

import org.jspecify.annotations.NullMarked;
