package app.carder.web.settings;

import app.carder.core.attendance.Presence;
import app.carder.core.premises.Country;
import app.carder.core.premises.Premises;
import app.carder.core.premises.SettingKind;
import app.carder.core.said.Refused;
import app.carder.web.page.FormErrors;
import app.carder.web.page.Typed;
import app.carder.web.setting.SettingDetails;
import app.carder.web.setting.SettingView;
import java.time.DateTimeException;
import java.time.DayOfWeek;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.Arrays;
import java.util.Currency;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.web.servlet.ModelAndView;

/** What a setting is, as a form asks it. A time zone or a currency that is left blank is the country's. */
public final class SettingForm {

    private static final int MOST_MINUTES = 240;

    private SettingForm() {}

    /** What stands in a new form: a nursery in England, which most can leave as it is. */
    public static Typed blank() {
        return with(Typed.nothing(), Premises.USUAL).with("timeZone", "").with("currency", "");
    }

    /** What is written down. */
    static Typed of(SettingView setting) {
        return with(Typed.nothing(), setting.premises())
                .with("settingName", setting.name())
                .with("timeZone", setting.zone().getId())
                .with("currency", setting.currency().getCurrencyCode())
                .with("askAfter", setting.askAfterMinutes());
    }

    private static Typed with(Typed typed, Premises premises) {
        return typed.with("kind", premises.kind())
                .with("country", premises.country())
                .with(
                        "openOn",
                        premises.openOn().stream().sorted().map(Enum::name).toList())
                .with("opens", premises.opens())
                .with("closes", premises.closes());
    }

    /** The lists that the fields choose from. */
    public static ModelAndView show(ModelAndView page) {
        return page.addObject("kinds", SettingKind.values())
                .addObject("countries", Country.shipped())
                .addObject("weekdays", DayOfWeek.values());
    }

    /** The country that was chosen. */
    public static Optional<Country> country(Typed typed) {
        return Country.byCode(typed.text("country"));
    }

    /** The kind of place that was chosen. */
    public static Optional<SettingKind> kind(Typed typed) {
        return Arrays.stream(SettingKind.values())
                .filter(one -> one.name().equals(typed.text("kind")))
                .findFirst();
    }

    /** What was typed, where nothing is wrong. */
    public static Optional<SettingDetails> read(Typed typed, FormErrors errors) {
        String name = typed.line("settingName", errors);
        Optional<SettingKind> kind = kind(typed);
        if (kind.isEmpty()) {
            errors.add("kind", "settings.kind.missing");
        }
        Optional<Country> country = country(typed);
        if (country.isEmpty()) {
            errors.add("country", "settings.country.missing");
        }
        Optional<ZoneId> zone =
                typed.text("timeZone").isEmpty() ? country.map(Country::zone) : zone(typed.text("timeZone"), errors);
        Optional<Currency> currency = typed.text("currency").isEmpty()
                ? country.map(Country::currency)
                : currency(typed.text("currency"), errors);
        Set<DayOfWeek> openOn = Arrays.stream(DayOfWeek.values())
                .filter(day -> typed.has("openOn", day.name()))
                .collect(Collectors.toSet());
        if (openOn.isEmpty()) {
            errors.add("openOn", "settings.open.missing");
        }
        Optional<LocalTime> opens = typed.time("opens", errors);
        Optional<LocalTime> closes = typed.time("closes", errors);
        Optional<Integer> askAfter = typed.text("askAfter").isEmpty()
                ? Optional.of((int) Presence.ASKED_AFTER.toMinutes())
                : Typed.whole("askAfter", typed.text("askAfter"), 0, MOST_MINUTES, errors);
        if (errors.any()) {
            return Optional.empty();
        }
        try {
            return Optional.of(new SettingDetails(
                    name,
                    zone.orElseThrow(),
                    currency.orElseThrow(),
                    new Premises(
                            kind.orElseThrow(),
                            country.orElseThrow().code(),
                            openOn,
                            opens.orElseThrow(),
                            closes.orElseThrow()),
                    askAfter.orElseThrow()));
        } catch (IllegalArgumentException refused) {
            errors.add("closes", "settings.hours", Refused.why(refused).words());
            return Optional.empty();
        }
    }

    private static Optional<ZoneId> zone(String typed, FormErrors errors) {
        try {
            return Optional.of(ZoneId.of(typed));
        } catch (DateTimeException unknown) {
            errors.add("timeZone", "firstrun.timeZone");
            return Optional.empty();
        }
    }

    private static Optional<Currency> currency(String typed, FormErrors errors) {
        try {
            return Optional.of(Currency.getInstance(typed.toUpperCase(Locale.ROOT)));
        } catch (IllegalArgumentException unknown) {
            errors.add("currency", "firstrun.currency");
            return Optional.empty();
        }
    }

    /** All time zones that have a name of a place. */
    static List<String> zones() {
        return ZoneId.getAvailableZoneIds().stream()
                .filter(zone -> zone.contains("/") && !zone.startsWith("Etc/") && !zone.startsWith("SystemV/"))
                .sorted()
                .toList();
    }
}
