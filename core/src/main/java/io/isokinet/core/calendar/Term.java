package io.isokinet.core.calendar;

/** A stretch of school days between holidays. */
public record Term(String name, Days days) {}
