package app.carder.core.measure;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Currency;
import java.util.Locale;

/**
 * An amount of money, exact to the currency's minor unit.
 *
 * @param minorUnits pence, cents or the like, 0 or more
 * @param currency the currency
 */
public record Money(long minorUnits, Currency currency) {

    /**
     * Refuses negative amounts: prices and costs are never that.
     *
     * @throws IllegalArgumentException if negative
     */
    public Money {
        if (minorUnits < 0) {
            throw new IllegalArgumentException("Money must not be negative, got %d minor units of %s."
                    .formatted(minorUnits, currency.getCurrencyCode()));
        }
    }

    /** {@code of("2.15", GBP)} is 215 pence; rounded half up to the minor unit. */
    public static Money of(BigDecimal amount, Currency currency) {
        return new Money(
                amount.movePointRight(currency.getDefaultFractionDigits())
                        .setScale(0, RoundingMode.HALF_UP)
                        .longValueExact(),
                currency);
    }

    /** {@code ofMinor(215, GBP)} is 2.15 pounds. */
    public static Money ofMinor(long minorUnits, Currency currency) {
        return new Money(minorUnits, currency);
    }

    /**
     * The sum.
     *
     * @throws IllegalArgumentException if the currencies differ
     */
    public Money plus(Money other) {
        if (!currency.equals(other.currency)) {
            throw new IllegalArgumentException("Money must be added in one currency, got %s and %s."
                    .formatted(currency.getCurrencyCode(), other.currency.getCurrencyCode()));
        }
        return new Money(Math.addExact(minorUnits, other.minorUnits), currency);
    }

    /** The amount, {@code times} over. */
    public Money multipliedBy(long times) {
        return new Money(Math.multiplyExact(minorUnits, times), currency);
    }

    /**
     * One of so many equal shares, rounded up to the minor unit so that the shares are enough.
     *
     * @throws IllegalArgumentException if there are no shares
     */
    public Money sharedBy(long shares) {
        if (shares < 1) {
            throw new IllegalArgumentException("Shares must be 1 or more, got %d.".formatted(shares));
        }
        return new Money(-Math.floorDiv(-minorUnits, shares), currency);
    }

    /** A part of it, rounded half up to the minor unit: 250 g of a kilogram's price. */
    public Money scaledBy(double part) {
        if (!(part >= 0) || Double.isInfinite(part)) {
            throw new IllegalArgumentException("Part must be 0 or more, got %s.".formatted(part));
        }
        return new Money(Math.round(minorUnits * part), currency);
    }

    /** In the currency's main unit, without loss: {@code 2.15}. */
    public BigDecimal amount() {
        return BigDecimal.valueOf(minorUnits, currency.getDefaultFractionDigits());
    }

    /** For people: {@code £2.15}. */
    public String forPeople() {
        return currency.getSymbol(Locale.UK) + amount().toPlainString();
    }

    @Override
    public String toString() {
        return amount().toPlainString() + " " + currency.getCurrencyCode();
    }
}
