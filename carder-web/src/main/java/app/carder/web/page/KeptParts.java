package app.carder.web.page;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.io.StringWriter;
import java.time.Duration;
import java.time.temporal.TemporalAccessor;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.security.web.csrf.CsrfToken;
import org.springframework.security.web.csrf.DefaultCsrfToken;
import org.springframework.stereotype.Component;
import org.springframework.web.context.request.RequestAttributes;
import org.springframework.web.context.request.RequestContextHolder;
import org.thymeleaf.IEngineConfiguration;
import org.thymeleaf.context.ITemplateContext;
import org.thymeleaf.context.IWebContext;
import org.thymeleaf.context.WebExpressionContext;
import org.thymeleaf.dialect.AbstractProcessorDialect;
import org.thymeleaf.engine.AttributeName;
import org.thymeleaf.model.IProcessableElementTag;
import org.thymeleaf.processor.IProcessor;
import org.thymeleaf.processor.element.AbstractAttributeTagProcessor;
import org.thymeleaf.processor.element.IElementTagStructureHandler;
import org.thymeleaf.spring6.SpringTemplateEngine;
import org.thymeleaf.spring6.expression.ThymeleafEvaluationContext;
import org.thymeleaf.spring6.naming.SpringContextVariableNames;
import org.thymeleaf.standard.expression.Assignation;
import org.thymeleaf.standard.expression.AssignationUtils;
import org.thymeleaf.templatemode.TemplateMode;

/**
 * Parts of pages that are written once for what they show, and given again as long as that stays the same:
 *
 * <pre>{@code <div carder:kept="week/board :: board" carder:shows="board=${board},room=${room}"></div>}</pre>
 *
 * <p>The part is a fragment without parameters. It can read what {@code carder:shows} names and nothing else of the page, so that no part that
 * was written for one person can come before another who would see something else. Values count as the same where they are the same object, as
 * remembered answers are, or are equal words, numbers, ids and times. The token in its forms is that of whoever asks.
 */
@Component
class KeptParts extends AbstractProcessorDialect {

    private static final String PREFIX = "carder";
    private static final String TOKEN = CsrfToken.class.getName();
    private static final int BEFORE_INSERTIONS = 90;
    /** About 32 MB of pages. */
    private static final long MOST_CHARACTERS = 16_000_000;

    private static final Duration FORGOTTEN_AFTER = Duration.ofMinutes(10);

    private final ObjectProvider<SpringTemplateEngine> templates;
    private final Cache<Shown, List<String>> parts = Caffeine.newBuilder()
            .maximumWeight(MOST_CHARACTERS)
            .weigher((Shown shown, List<String> part) ->
                    part.stream().mapToInt(String::length).sum())
            .expireAfterAccess(FORGOTTEN_AFTER)
            .build();

    KeptParts(ObjectProvider<SpringTemplateEngine> templates) {
        super("Parts that are kept", PREFIX, BEFORE_INSERTIONS);
        this.templates = templates;
    }

    @Override
    public Set<IProcessor> getProcessors(String prefix) {
        return Set.of(new Kept(prefix), new StayingForm(prefix), new Sentence(prefix));
    }

    /** What a part was written for. */
    private record Shown(String part, Locale language, List<Object> values) {}

    /** A value that is the same only where it is the same object. */
    private record Same(Object value) {

        @Override
        public boolean equals(Object other) {
            return other instanceof Same same && same.value == value;
        }

        @Override
        public int hashCode() {
            return System.identityHashCode(value);
        }
    }

    private static Object stands(@Nullable Object value) {
        if (value == null) {
            return Optional.empty();
        }
        if (value instanceof Optional<?> optional) {
            return optional.<Object>map(held -> List.of(stands(held))).orElse(Optional.empty());
        }
        boolean isEqualWhereSame = value instanceof CharSequence
                || value instanceof Number
                || value instanceof Boolean
                || value instanceof Enum<?>
                || value instanceof UUID
                || value instanceof TemporalAccessor
                || value instanceof KeptByValue;
        return isEqualWhereSame ? value : new Same(value);
    }

    private final class Kept extends AbstractAttributeTagProcessor {

        Kept(String prefix) {
            super(TemplateMode.HTML, prefix, null, false, "kept", true, BEFORE_INSERTIONS, true);
        }

        @Override
        protected void doProcess(
                ITemplateContext context,
                IProcessableElementTag tag,
                AttributeName name,
                String part,
                IElementTagStructureHandler structure) {
            Map<String, Object> shows = new HashMap<>();
            List<Object> values = new ArrayList<>();
            for (Assignation one :
                    AssignationUtils.parseAssignationSequence(context, tag.getAttributeValue(PREFIX, "shows"), false)) {
                Object value = one.getRight().execute(context);
                shows.put((String) one.getLeft().execute(context), value);
                values.add(stands(value));
            }
            List<String> between =
                    parts.get(new Shown(part, context.getLocale(), values), shown -> written(context, part, shows));
            structure.replaceWith(
                    between.size() == 1 ? between.get(0) : String.join(token().getToken(), between), false);
        }
    }

    /** The part, cut where the token of its forms belongs. */
    private List<String> written(ITemplateContext page, String part, Map<String, Object> shows) {
        Map<String, Object> variables = new HashMap<>(shows);
        for (String needed : List.of(
                ThymeleafEvaluationContext.THYMELEAF_EVALUATION_CONTEXT_CONTEXT_VARIABLE_NAME,
                SpringContextVariableNames.THYMELEAF_REQUEST_CONTEXT,
                SpringContextVariableNames.SPRING_REQUEST_CONTEXT)) {
            variables.put(needed, page.getVariable(needed));
        }
        IEngineConfiguration configuration = page.getConfiguration();
        var context = new WebExpressionContext(
                configuration, ((IWebContext) page).getExchange(), page.getLocale(), variables);
        String[] templateAndFragment = part.split(" :: ");
        String mark = UUID.randomUUID().toString();
        StringWriter html = new StringWriter();
        withToken(
                mark,
                () -> templates
                        .getObject()
                        .process(templateAndFragment[0], Set.of(templateAndFragment[1]), context, html));
        return List.of(html.toString().split(mark, -1));
    }

    private static void withToken(String mark, Runnable writes) {
        RequestAttributes request = RequestContextHolder.currentRequestAttributes();
        CsrfToken own = token();
        request.setAttribute(
                TOKEN,
                new DefaultCsrfToken(own.getHeaderName(), own.getParameterName(), mark),
                RequestAttributes.SCOPE_REQUEST);
        try {
            writes.run();
        } finally {
            request.setAttribute(TOKEN, own, RequestAttributes.SCOPE_REQUEST);
        }
    }

    private static CsrfToken token() {
        return (CsrfToken) Objects.requireNonNull(
                RequestContextHolder.currentRequestAttributes().getAttribute(TOKEN, RequestAttributes.SCOPE_REQUEST));
    }
}
