package app.carder.device.classlib.java.text;

import org.teavm.jso.JSBody;

/** {@link java.text.Normalizer} by the browser's own normalisation. */
public final class TNormalizer {

    private TNormalizer() {}

    /** The forms of Unicode that the core uses. */
    public enum Form {
        NFKD
    }

    /** The text in a form. */
    public static String normalize(CharSequence text, Form form) {
        return normalize(text.toString(), form.name());
    }

    @JSBody(
            params = {"text", "form"},
            script = "return text.normalize(form);")
    private static native String normalize(String text, String form);
}
