package app.carder.web.outbox;

import app.carder.web.setting.SettingId;

/** Knows, in the moment before a message goes, whether its address may still be written to. Whoever knows families implements this. */
public interface Recipients {

    /** Whether it may: false only where everybody with that address reads no more. */
    boolean mayBeWrittenTo(SettingId settingId, String address);
}
