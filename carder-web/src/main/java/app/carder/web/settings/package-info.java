/** What a setting is, where, and when it is open, to be changed by its manager. Start at {@link app.carder.web.settings.SettingsController}. */
@NullMarked
package app.carder.web.settings;

import org.jspecify.annotations.NullMarked;
