package app.carder.web.page;

import java.util.ArrayList;
import java.util.List;

/** What is wrong with a form: all of it, collected, so that it can be mended in one go. */
public final class FormErrors {

    private final List<Fault> faults = new ArrayList<>();

    /**
     * One thing that is wrong.
     *
     * @param field name of the input
     * @param code of the message
     * @param arguments of the message
     */
    public record Fault(String field, String code, List<Object> arguments) {
        /** Keeps its own copy. */
        public Fault {
            arguments = List.copyOf(arguments);
        }

        /** For the message source. */
        public Object[] args() {
            return arguments.toArray();
        }
    }

    /** Marks a field. */
    public void add(String field, String code, Object... arguments) {
        faults.add(new Fault(field, code, List.of(arguments)));
    }

    /** Whether anything is wrong. */
    public boolean any() {
        return !faults.isEmpty();
    }

    /** All of it, in the order of the form. */
    public List<Fault> all() {
        return List.copyOf(faults);
    }

    /** What is wrong with one field. */
    public List<Fault> of(String field) {
        return faults.stream().filter(fault -> fault.field().equals(field)).toList();
    }
}
