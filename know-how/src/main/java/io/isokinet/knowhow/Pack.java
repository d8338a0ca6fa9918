package io.isokinet.knowhow;

import io.isokinet.core.knowhow.KnowHow;

/**
 * A checked pack.
 *
 * @param sha256 of all files with their paths, in hex: the identity of this version
 * @param json the whole pack as JSON, one member a file
 */
public record Pack(String name, int number, String title, String sha256, String json, KnowHow knowHow) {}
