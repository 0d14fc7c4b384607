package app.carder.core.controloferror;

import app.carder.core.calculation.Calculation;
import app.carder.core.said.Refused;
import java.util.ArrayList;
import java.util.List;

/**
 * Whether a set-up shows a mistake by itself.
 *
 * @param childNotices what a child would be able to notice alone
 * @param leftOver what has no place or no partner
 * @param missing what would be needed and is not there
 * @param calculation how it was found
 */
public record ControlOfError(
        String childNotices, List<String> leftOver, List<String> missing, Calculation calculation) {

    /** Keeps its own copies. */
    public ControlOfError {
        leftOver = List.copyOf(leftOver);
        missing = List.copyOf(missing);
    }

    /** Whether everything comes out even, so that what is over or short at the end tells of a mistake. */
    public boolean closes() {
        return leftOver.isEmpty() && missing.isEmpty();
    }

    /** Collects what is over and short. */
    static final class Count {
        private final List<String> over = new ArrayList<>();
        private final List<String> missing = new ArrayList<>();

        void compare(String name, long there, long needed) {
            if (there > needed) {
                over.add(there - needed + " × " + name);
            } else if (there < needed) {
                missing.add(needed - there + " × " + name);
            }
        }

        void over(String words) {
            over.add(words);
        }

        void missing(String words) {
            missing.add(words);
        }

        ControlOfError close(String childNotices, Calculation calculation) {
            return new ControlOfError(childNotices, over, missing, calculation);
        }
    }

    static void require(String thing, long number, long least, long most) {
        if (number < least || number > most) {
            throw Refused.because("refused.control-of-error.must-be-from", thing, least, most, number);
        }
    }
}
