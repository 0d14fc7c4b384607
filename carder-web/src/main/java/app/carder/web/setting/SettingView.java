package app.carder.web.setting;

import app.carder.core.premises.Premises;
import java.time.Duration;
import java.time.ZoneId;
import java.util.Currency;

/**
 * A setting, as other features see it.
 *
 * @param id its own
 * @param name for people
 * @param zone in which its days and hours are worked out
 * @param currency of its prices
 * @param premises what kind of place, where, and when it is open
 * @param askAfterMinutes so long after a child was due it is asked after
 * @param madeUp whether it is made up, with a time of its own
 * @param clockAhead how far its time is ahead of the machine's; behind where it is less than nothing
 */
public record SettingView(
        SettingId id,
        String name,
        ZoneId zone,
        Currency currency,
        Premises premises,
        int askAfterMinutes,
        boolean madeUp,
        Duration clockAhead) {}
