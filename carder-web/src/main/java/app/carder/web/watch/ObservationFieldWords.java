package app.carder.web.watch;

import app.carder.core.framework.Framework;
import app.carder.core.framework.FrameworkLibrary;
import app.carder.core.watch.Schema;
import app.carder.web.audit.FieldWords;
import app.carder.web.setting.SettingId;
import java.util.Arrays;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;

/** What an observation once said, where it is kept as codes of a framework. */
@Component
class ObservationFieldWords implements FieldWords {

    private final FrameworkLibrary frameworks;

    ObservationFieldWords(FrameworkLibrary frameworks) {
        this.frameworks = frameworks;
    }

    @Override
    public Optional<String> words(SettingId settingId, String field, String value) {
        return switch (field) {
            case "areas" -> Optional.of(each(value, this::area));
            case "statements" -> Optional.of(each(value, this::statement));
            case "schemas" -> Optional.of(each(value, ObservationFieldWords::schema));
            default -> Optional.empty();
        };
    }

    private Optional<String> area(String code) {
        return frameworks.all().stream()
                .flatMap(framework -> framework.areas().stream())
                .filter(area -> area.code().equals(code))
                .map(Framework.Area::name)
                .findFirst();
    }

    private Optional<String> statement(String code) {
        return frameworks.all().stream()
                .flatMap(framework -> framework.statement(code).stream())
                .map(Framework.Statement::words)
                .findFirst();
    }

    private static Optional<String> schema(String code) {
        return Stream.of(Schema.values())
                .filter(schema -> schema.name().equals(code))
                .map(Schema::words)
                .findFirst();
    }

    /** What is known by no code stays as it was written. */
    private static String each(String codes, Function<String, Optional<String>> words) {
        return Arrays.stream(codes.split(", "))
                .map(code -> words.apply(code).orElse(code))
                .collect(Collectors.joining("; "));
    }
}
