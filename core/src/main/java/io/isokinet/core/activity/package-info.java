/** Activities, rungs, formations and levers. */
@NullMarked
package io.isokinet.core.activity;

import org.jspecify.annotations.NullMarked;
