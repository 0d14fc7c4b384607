package app.carder.core.chain;

import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Reads a log from its first entry to its last and finds what was changed: an entry that says something else than when it was sealed, one
 * that was taken out or put in, contents that are gone although no erasure speaks of them, and a log that is another one than that whose
 * seals were noted elsewhere.
 */
public final class LogCheck {

    /** Findings that are kept; beyond, they are counted. */
    private static final int KEPT = 100;

    private final Map<Long, List<Seal>> noted = new HashMap<>();
    private final Map<Part, List<Numbers>> erased = new EnumMap<>(Part.class);
    private final List<Finding> gone = new ArrayList<>();
    private final List<Finding> findings = new ArrayList<>();
    private final List<Long> confirmed = new ArrayList<>();
    private Digest last = Digest.NONE;
    private long number;
    private int faults;

    /** What is wrong. */
    public enum Fault {
        /** Entries between the one before and this one are missing, or this one stands twice. */
        OUT_OF_ORDER,
        /** The link was changed, or does not follow the one before. */
        LINK_CHANGED,
        /** A part says something else than when it was sealed. */
        CONTENT_CHANGED,
        /** A part is gone, and no erasure speaks of it. */
        CONTENT_GONE,
        /** A seal that was noted elsewhere is another one: what stands up to here was written anew. */
        OTHER_SEAL,
        /** A seal that was noted elsewhere is of a later entry than there is: the end was cut off, or an older backup was restored. */
        CUT_OFF
    }

    /**
     * What was found.
     *
     * @param fault what
     * @param number at which link
     * @param part in which part; absent where all of the entry is meant
     */
    public record Finding(Fault fault, long number, Optional<Part> part) {}

    /**
     * An entry as it is kept.
     *
     * @param link as it was kept
     * @param digest of the link, as it was kept
     * @param contents those parts of which the content is there
     * @param erased what this entry says was erased, where it tells of an erasure: numbers of links, by part
     */
    public record Entry(Link link, Digest digest, Map<Part, Content> contents, Map<Part, Numbers> erased) {}

    /**
     * What came out.
     *
     * @param entries how many were read
     * @param head where the log stands; absent for an empty one
     * @param findings what is wrong, the first of them
     * @param faults how many things are wrong
     * @param erasedParts contents that were erased as written down
     * @param confirmed numbers of seals noted elsewhere that are right
     */
    public record Report(
            long entries,
            Optional<Seal> head,
            List<Finding> findings,
            int faults,
            int erasedParts,
            List<Long> confirmed) {

        /** Whether nothing was changed. */
        public boolean isWhole() {
            return faults == 0;
        }
    }

    /** With seals that were noted outside the database. */
    public LogCheck(Collection<Seal> noted) {
        noted.forEach(seal -> this.noted
                .computeIfAbsent(seal.number(), one -> new ArrayList<>())
                .add(seal));
    }

    /** Reads the next entry, in the order of numbers. */
    public void read(Entry entry) {
        Link link = entry.link();
        if (link.number() != number + 1) {
            found(Fault.OUT_OF_ORDER, link.number(), Optional.empty());
        } else if (!link.previous().equals(last)) {
            found(Fault.LINK_CHANGED, link.number(), Optional.empty());
        }
        if (!link.digest().equals(entry.digest())) {
            found(Fault.LINK_CHANGED, link.number(), Optional.empty());
        }
        for (Part part : Part.values()) {
            Content content = entry.contents().get(part);
            if (content == null) {
                gone.add(new Finding(Fault.CONTENT_GONE, link.number(), Optional.of(part)));
            } else if (!content.commitment().equals(link.commitment(part))) {
                found(Fault.CONTENT_CHANGED, link.number(), Optional.of(part));
            }
        }
        entry.erased()
                .forEach((part, numbers) ->
                        erased.computeIfAbsent(part, one -> new ArrayList<>()).add(numbers));
        Seal seal = Seal.of(link.number(), entry.digest());
        for (Seal known : noted.getOrDefault(link.number(), List.of())) {
            if (known.equals(seal)) {
                confirmed.add(link.number());
            } else {
                found(Fault.OTHER_SEAL, link.number(), Optional.empty());
            }
        }
        number = link.number();
        last = entry.digest();
    }

    /** What came out; asked once, when all was read. */
    public Report report() {
        int erasedParts = 0;
        for (Finding missing : gone) {
            if (missing.part().stream()
                    .flatMap(part -> erased.getOrDefault(part, List.of()).stream())
                    .anyMatch(numbers -> numbers.include(missing.number()))) {
                erasedParts++;
            } else {
                found(missing.fault(), missing.number(), missing.part());
            }
        }
        noted.keySet().stream()
                .filter(known -> known > number)
                .sorted()
                .forEach(known -> found(Fault.CUT_OFF, known, Optional.empty()));
        return new Report(
                number,
                number == 0 ? Optional.empty() : Optional.of(Seal.of(number, last)),
                List.copyOf(findings),
                faults,
                erasedParts,
                List.copyOf(confirmed));
    }

    private void found(Fault fault, long at, Optional<Part> part) {
        faults++;
        if (findings.size() < KEPT) {
            findings.add(new Finding(fault, at, part));
        }
    }
}
