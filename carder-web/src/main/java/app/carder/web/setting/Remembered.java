package app.carder.web.setting;

import java.lang.annotation.Documented;
import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/**
 * The answer of a method is kept in memory, and given again to the same question, until something is written to one of these areas of the
 * setting, or its day ends. The first argument is the setting's id; the others tell questions apart by {@code equals}. The answer cannot be
 * changed. In a transaction that writes, nothing is given from memory.
 */
@Documented
@Target(ElementType.METHOD)
@Retention(RetentionPolicy.RUNTIME)
public @interface Remembered {

    /** The areas that hold every table the answer is read from. */
    Area[] value();
}
