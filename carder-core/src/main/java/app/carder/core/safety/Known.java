package app.carder.core.safety;

import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * Whether something holds, and where it is not known, what is missing.
 *
 * @param truth yes, no, or not known
 * @param gaps what is missing; empty unless it is not known
 */
record Known(Truth truth, Set<Gap> gaps) {

    static final Known YES = new Known(Truth.YES, Set.of());
    static final Known NO = new Known(Truth.NO, Set.of());

    static Known of(boolean holds) {
        return holds ? YES : NO;
    }

    static Known missing(Gap gap) {
        return new Known(Truth.UNKNOWN, Set.of(gap));
    }

    Known and(Known other) {
        return joined(truth.and(other.truth), other);
    }

    Known or(Known other) {
        return joined(truth.or(other.truth), other);
    }

    Known not() {
        return new Known(truth.not(), gaps);
    }

    boolean isUnknown() {
        return truth == Truth.UNKNOWN;
    }

    boolean isYes() {
        return truth == Truth.YES;
    }

    boolean isNo() {
        return truth == Truth.NO;
    }

    private Known joined(Truth truth, Known other) {
        if (truth != Truth.UNKNOWN) {
            return of(truth == Truth.YES);
        }
        if (gaps.containsAll(other.gaps)) {
            return new Known(truth, gaps);
        }
        return new Known(
                truth, Stream.concat(gaps.stream(), other.gaps.stream()).collect(Collectors.toUnmodifiableSet()));
    }
}
