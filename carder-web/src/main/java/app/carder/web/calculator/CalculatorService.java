package app.carder.web.calculator;

import app.carder.core.card.Made;
import app.carder.core.cupboard.Stocked;
import app.carder.core.drawing.Sketch;
import app.carder.core.said.Refused;
import app.carder.core.said.Said;
import app.carder.web.material.MaterialService;
import app.carder.web.material.MaterialView;
import app.carder.web.page.FormErrors;
import app.carder.web.page.NotFound;
import app.carder.web.page.Typed;
import app.carder.web.setting.Area;
import app.carder.web.setting.Remembered;
import app.carder.web.setting.SettingId;
import java.math.BigDecimal;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.Currency;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Hands what was typed into a tool to the core. */
@Service
public class CalculatorService {

    private final MaterialService materials;
    private final Map<String, Tool> tools = Stream.of(
                    BatchTools.all(), ControlOfErrorTools.all(), PouringTools.all(), LineTools.all())
            .flatMap(List::stream)
            .collect(Collectors.toMap(Tool::code, Function.identity(), (one, other) -> one, LinkedHashMap::new));

    CalculatorService(MaterialService materials) {
        this.materials = materials;
    }

    /**
     * What was asked, and the answer.
     *
     * @param tool that was asked
     * @param typed into it, or what stands in it at first
     * @param errors of what was typed
     * @param answer where nothing is wrong
     */
    public record Asked(Tool tool, Typed typed, FormErrors errors, Optional<ToolAnswer> answer) {

        /** What was typed, as the query of an address. */
        public String query() {
            return inputs().entrySet().stream()
                    .map(input -> input.getKey() + "=" + URLEncoder.encode(input.getValue(), StandardCharsets.UTF_8))
                    .collect(Collectors.joining("&"));
        }

        /** What was typed, by input. */
        public Map<String, String> inputs() {
            Map<String, String> inputs = new LinkedHashMap<>();
            tool.fields().forEach(field -> inputs.put(field.name(), typed.text(field.name())));
            return inputs;
        }
    }

    /** All tools by group, in order. */
    public Map<Tool.Group, List<Tool>> tools() {
        return tools.values().stream()
                .collect(Collectors.groupingBy(Tool::group, LinkedHashMap::new, Collectors.toList()));
    }

    /**
     * What each tool draws at first, by its code.
     *
     * @param language that is spoken, in which the drawings are labelled
     */
    @Remembered({Area.CARDS, Area.PLACES})
    @Transactional(readOnly = true)
    public Map<String, Sketch> pictures(SettingId settingId, Locale language) {
        Map<String, Sketch> pictures = new LinkedHashMap<>();
        tools.keySet()
                .forEach(code -> open(settingId, code).answer().stream()
                        .flatMap(answer -> answer.sketches().stream())
                        .findFirst()
                        .ifPresent(picture -> pictures.put(code, picture)));
        return pictures;
    }

    /** Whether there is a tool of this code. */
    public boolean knows(String code) {
        return tools.containsKey(code);
    }

    /**
     * A tool with what stands in it at first.
     *
     * @throws NotFound if there is none
     */
    @Transactional(readOnly = true)
    public Asked open(SettingId settingId, String code) {
        return ask(settingId, code, Map.of());
    }

    /** A tool with what was kept. */
    @Transactional(readOnly = true)
    public Asked ask(SettingId settingId, String code, Map<String, String> inputs) {
        Tool tool = find(code);
        Typed typed = Typed.nothing();
        tool.fields().forEach(field -> typed.with(field.name(), inputs.getOrDefault(field.name(), field.initial())));
        return ask(settingId, code, typed);
    }

    /** A tool with what was typed. */
    @Transactional(readOnly = true)
    public Asked ask(SettingId settingId, String code, Typed typed) {
        Tool tool = find(code);
        FormErrors errors = new FormErrors();
        Map<String, String> values = new LinkedHashMap<>();
        tool.fields().forEach(field -> values.put(field.name(), read(field, typed, errors)));
        if (errors.any()) {
            return new Asked(tool, typed, errors, Optional.empty());
        }
        List<Stocked> cupboard = materials.cupboard(settingId).stream()
                .map(MaterialView::stocked)
                .toList();
        try {
            ToolAnswer answer = tool.calculate().apply(new Inputs(values, cupboard, materials.currency(settingId)));
            return new Asked(tool, typed, errors, Optional.of(answer));
        } catch (IllegalArgumentException refused) {
            errors.add(
                    tool.fields().get(0).name(),
                    "calculator.refused",
                    Refused.why(refused).words());
            return new Asked(tool, typed, errors, Optional.empty());
        }
    }

    /** What a kept answer puts in front of children, worked out with a cupboard that is at hand; things by their codes. */
    public Made made(String code, Map<String, String> inputs, List<Stocked> cupboard, Currency currency) {
        if (!knows(code)) {
            return new Made.Broken(code, Said.say("tool.there-is-no-such-calculator-any"));
        }
        Tool tool = find(code);
        Typed typed = Typed.nothing();
        tool.fields().forEach(field -> typed.with(field.name(), inputs.getOrDefault(field.name(), field.initial())));
        FormErrors errors = new FormErrors();
        Map<String, String> values = new LinkedHashMap<>();
        tool.fields().forEach(field -> values.put(field.name(), read(field, typed, errors)));
        if (errors.any()) {
            return new Made.Broken(tool.title().words(), Said.say("tool.what-was-typed-cannot-be-read"));
        }
        try {
            return tool.calculate()
                    .apply(new Inputs(values, cupboard, currency))
                    .made();
        } catch (IllegalArgumentException refused) {
            return new Made.Broken(tool.title().words(), Refused.why(refused).words());
        }
    }

    private Tool find(String code) {
        Tool tool = tools.get(code);
        if (tool == null) {
            throw new NotFound();
        }
        return tool;
    }

    private static String read(Field field, Typed typed, FormErrors errors) {
        String text = typed.text(field.name());
        switch (field.kind()) {
            case WHOLE -> {
                Typed.whole(field.name(), text, (int) field.least(), (int) field.most(), errors);
                return Typed.number(text)
                        .map(number -> number.toBigInteger().toString())
                        .orElse("");
            }
            case DECIMAL -> {
                Optional<BigDecimal> number = Typed.number(text)
                        .filter(found -> found.doubleValue() >= field.least() && found.doubleValue() <= field.most());
                if (number.isEmpty()) {
                    errors.add(field.name(), "calculator.range", text, field.least(), field.most());
                }
                return text;
            }
            case CHOICE -> {
                if (field.options().stream().noneMatch(option -> option.value().equals(text))) {
                    errors.add(field.name(), "calculator.choice");
                }
                return text;
            }
            case THING -> {
                if (text.isEmpty()) {
                    errors.add(field.name(), "calculator.thing.missing");
                }
                return text;
            }
            case TEXT -> {
                return typed.optional(field.name(), (int) field.most(), errors);
            }
            default -> throw new IllegalStateException("Impossible state: no such kind as " + field.kind());
        }
    }
}
