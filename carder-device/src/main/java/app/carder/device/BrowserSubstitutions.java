package app.carder.device;

import org.teavm.extension.spi.substitution.SimpleSubstitutionPolicy;
import org.teavm.extension.spi.substitution.SubstitutionSink;

/** Classes of Java that the translator lacks and that every browser has itself. */
public final class BrowserSubstitutions extends SimpleSubstitutionPolicy {

    @Override
    public void contribute(SubstitutionSink sink) {
        sink.selectClasses(named("java.text.Normalizer").or(named("java.text.Normalizer$Form")))
                .packagePrefix("app.carder.device.classlib.")
                .simpleNamePrefix("T");
    }
}
