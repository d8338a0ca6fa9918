/** Tables in and out: CSV (RFC 4180) and spreadsheets (Office Open XML); shared. */
@ApplicationModule()
@NullMarked
package io.isokinet.server.table;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
