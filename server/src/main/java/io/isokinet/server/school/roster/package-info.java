/** Reads rosters: OneRoster CSV (folder or zip) and plain CSV; previews them, and takes them whole or not at all. */
@NullMarked
package io.isokinet.server.school.roster;

import org.jspecify.annotations.NullMarked;
