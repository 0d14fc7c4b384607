package app.carder.web.material;

import app.carder.core.framework.Sense;
import app.carder.web.setting.SettingId;
import java.util.Set;

/** Which things serve a sense: those that the setting's cards for that sense put out. The cards answer it, which the cupboard does not know. */
public interface ThingsBySense {

    /** Codes of the things. */
    Set<String> codes(SettingId settingId, Sense sense);
}
