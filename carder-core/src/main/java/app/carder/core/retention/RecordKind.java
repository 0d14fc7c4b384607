package app.carder.core.retention;

import app.carder.core.said.Said;
import java.util.Optional;
import java.util.Set;

/**
 * A kind of record, and how long settings in the United Kingdom usually keep it after a child has left. From memory, and habit rather than
 * law unless it says so: each setting decides, with whoever licenses it. For other countries nothing is known here.
 */
public enum RecordKind {
    /** Observations, photos, journals: handed to the family, and deleted within a year. Common practice. */
    LEARNING(1),
    /** Registers and ratios: three to six years. Common practice. */
    REGISTER(6),
    /** What a family allowed: as long as the use, and until nobody can claim any more. Common practice. */
    CONSENT(6),
    /** Accidents and medicine: until 21, as a claim can be made until three years after 18. Limitation Act 1980, ss. 11 and 28, from memory. */
    ACCIDENTS_AND_MEDICINE(21),
    /** What concerns a child's protection: goes to the next setting, often kept until 24 or 25. Sector toolkits, from memory. */
    PROTECTION(25);

    private static final Set<String> KNOWN = Set.of("ENGLAND", "WALES", "SCOTLAND", "NORTHERN_IRELAND");

    private final int years;

    RecordKind(int years) {
        this.years = years;
    }

    /**
     * So many years.
     *
     * @param country code of where the setting lies
     * @return after the child has left, or the age in years for the last two kinds; absent where nothing is known for the country
     */
    public Optional<Integer> years(String country) {
        return KNOWN.contains(country) ? Optional.of(years) : Optional.empty();
    }

    /** In words, with how long it is usually kept in a country. */
    public String words(String country) {
        return years(country)
                .map(known -> Said.say("retention." + name(), known))
                .orElseGet(() -> Said.say("retention." + name() + ".not-known"));
    }
}
