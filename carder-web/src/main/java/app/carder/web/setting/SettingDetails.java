package app.carder.web.setting;

import app.carder.core.attendance.Presence;
import app.carder.core.premises.Premises;
import java.time.ZoneId;
import java.util.Currency;

/**
 * What a setting is, as it is written down.
 *
 * @param name for people
 * @param zone in which its days and hours are worked out
 * @param currency of its prices
 * @param premises what kind of place, where, and when it is open
 * @param askAfterMinutes so long after a child was due it is asked after, 0 to 240
 */
public record SettingDetails(String name, ZoneId zone, Currency currency, Premises premises, int askAfterMinutes) {

    /** A setting with the usual way of asking after children. */
    public SettingDetails(String name, ZoneId zone, Currency currency, Premises premises) {
        this(name, zone, currency, premises, (int) Presence.ASKED_AFTER.toMinutes());
    }
}
