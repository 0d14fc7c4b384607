package app.carder.web.rules;

import app.carder.core.safety.Level;

/**
 * What a room's rule says.
 *
 * @param title in a few words
 * @param level how it binds
 * @param looksAt in the words of the core's rules
 * @param concerns in the words of the core's rules
 * @param caution what to do
 */
public record RuleDetails(String title, Level level, String looksAt, String concerns, String caution) {}
