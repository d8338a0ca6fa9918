package io.isokinet.server.account;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import org.springframework.core.annotation.AliasFor;

/** Who stands in the hall may: teachers and assistants, with the classes given to them. */
@Allowed({Role.TEACHER, Role.ASSISTANT})
@Target(ElementType.METHOD)
@Retention(RetentionPolicy.RUNTIME)
public @interface MayRecord {
    /** What the variable in the path is. */
    @AliasFor(annotation = Allowed.class)
    Subject of() default Subject.NONE;

    @AliasFor(annotation = Allowed.class)
    String variable() default "id";
}
