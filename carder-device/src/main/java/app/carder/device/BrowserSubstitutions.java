package app.carder.device;

import org.teavm.extension.spi.substitution.SimpleSubstitutionPolicy;
import org.teavm.extension.spi.substitution.SubstitutionSink;

/** Classes that the translator lacks and that every browser has itself, and the catalogue, whose words the page carries. */
public final class BrowserSubstitutions extends SimpleSubstitutionPolicy {

    @Override
    public void contribute(SubstitutionSink sink) {
        sink.selectClasses(named("java.text.Normalizer").or(named("java.text.Normalizer$Form")))
                .packagePrefix("app.carder.device.classlib.")
                .simpleNamePrefix("T");
        sink.selectClasses(named("app.carder.core.said.Catalogue"))
                .packagePrefix("app.carder.device.classlib.")
                .simpleNamePrefix("T");
    }
}
