/** What a check found: findings with rule, place and remedy. */
@NullMarked
package io.isokinet.core.check;

import org.jspecify.annotations.NullMarked;
