package app.carder.web.setting;

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
 */
public record SettingDetails(String name, ZoneId zone, Currency currency, Premises premises) {}
