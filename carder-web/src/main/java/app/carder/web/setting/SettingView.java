package app.carder.web.setting;

import java.time.ZoneId;
import java.util.Currency;

/**
 * A setting, as other features see it.
 *
 * @param id its own
 * @param name for people
 * @param zone in which its days and hours are worked out
 * @param currency of its prices
 */
public record SettingView(SettingId id, String name, ZoneId zone, Currency currency) {}
