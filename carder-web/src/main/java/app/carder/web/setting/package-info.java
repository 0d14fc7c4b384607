/** The setting (the nursery) that every record belongs to. Start at {@link app.carder.web.setting.SettingService}. */
@NullMarked
package app.carder.web.setting;

import org.jspecify.annotations.NullMarked;
