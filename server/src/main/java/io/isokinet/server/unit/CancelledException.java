package io.isokinet.server.unit;

/** Whoever asked for a plan is gone. */
class CancelledException extends RuntimeException {}
