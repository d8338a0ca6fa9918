package io.isokinet.server.account;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/**
 * Who may use an end point. An end point that does not say is closed to everyone. docs/access.md has the whole table, and a
 * test walks it.
 */
@Target({ElementType.METHOD, ElementType.ANNOTATION_TYPE})
@Retention(RetentionPolicy.RUNTIME)
public @interface Allowed {
    /** Who may besides the lead, who may everything. */
    Role[] value() default {};

    /** What the variable in the path is: teachers and assistants need its class to be given to them. */
    Subject of() default Subject.NONE;

    String variable() default "id";

    /** True if one need not be signed in. */
    boolean open() default false;
}
