package app.carder.core.safety;

import app.carder.core.reckoning.Source;
import java.util.List;

/**
 * One thing to look out for.
 *
 * @param code of the rule
 * @param level how it binds
 * @param title of the rule, in a few words
 * @param subject the material that it is about
 * @param children the children concerned; empty where it is about everyone
 * @param reason why it speaks here, with the figures that decided
 * @param caution what to do
 * @param source where the rule comes from
 * @param jurisdiction where it is law or standard; empty where it is general
 */
public record Finding(
        String code,
        Level level,
        String title,
        String subject,
        List<String> children,
        String reason,
        String caution,
        Source source,
        String jurisdiction) {

    /** Keeps its own copy. */
    public Finding {
        children = List.copyOf(children);
    }
}
