package io.isokinet.server.account;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/** The lead of the school may, and nobody else. */
@Allowed
@Target(ElementType.METHOD)
@Retention(RetentionPolicy.RUNTIME)
public @interface LeadOnly {}
