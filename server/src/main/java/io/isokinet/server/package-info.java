/** The application. */
@NullMarked
package io.isokinet.server;

import org.jspecify.annotations.NullMarked;
