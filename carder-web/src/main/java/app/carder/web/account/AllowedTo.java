package app.carder.web.account;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/** Who may open a route. A route without it is closed to everyone. */
@Target({ElementType.METHOD, ElementType.TYPE})
@Retention(RetentionPolicy.RUNTIME)
public @interface AllowedTo {

    /** The audience. */
    Audience value();

    /** Whether staff may open it for rooms that they do not work in: the way into such a room, and what is no record. */
    boolean anyRoom() default false;

    /** Whether the access log tells of it: of everything but what nobody else has to do with, such as one's own drafts. */
    boolean logged() default true;
}
