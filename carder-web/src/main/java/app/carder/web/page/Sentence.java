package app.carder.web.page;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.thymeleaf.context.ITemplateContext;
import org.thymeleaf.engine.AttributeName;
import org.thymeleaf.model.ICloseElementTag;
import org.thymeleaf.model.IModel;
import org.thymeleaf.model.IModelFactory;
import org.thymeleaf.model.IOpenElementTag;
import org.thymeleaf.model.ITemplateEvent;
import org.thymeleaf.processor.element.AbstractAttributeModelProcessor;
import org.thymeleaf.processor.element.IElementModelStructureHandler;
import org.thymeleaf.standard.expression.StandardExpressions;
import org.thymeleaf.templatemode.TemplateMode;
import org.unbescape.html.HtmlEscape;

/**
 * {@code carder:sentence="#{a.sentence}"}: a sentence with a link, a button or strong words in it, in the order that each language has.
 * The words name the elements inside by their number: {@code Open <1>Watch</1> on a tablet.} gives the first one its words, {@code <1/>}
 * leaves it those that it has.
 */
final class Sentence extends AbstractAttributeModelProcessor {

    /** After conditions, loops and variables of the element itself, before its text. */
    private static final int PRECEDENCE = 1250;

    private static final Pattern PART = Pattern.compile("<(\\d)(?:/>|>(.*?)</\\1>)", Pattern.DOTALL);

    Sentence(String prefix) {
        super(TemplateMode.HTML, prefix, null, false, "sentence", true, PRECEDENCE, true);
    }

    @Override
    protected void doProcess(
            ITemplateContext context,
            IModel model,
            AttributeName name,
            String expression,
            IElementModelStructureHandler structure) {
        Object said = StandardExpressions.getExpressionParser(context.getConfiguration())
                .parseExpression(context, expression)
                .execute(context);
        IModelFactory make = context.getModelFactory();
        List<IModel> parts = parts(model, make);
        List<ITemplateEvent> around = List.of(model.get(0), model.get(model.size() - 1));
        String words = String.valueOf(said);
        Matcher part = PART.matcher(words);
        model.reset();
        model.add(around.get(0));
        int at = 0;
        for (MatchResult found : part.results().toList()) {
            text(model, make, words.substring(at, found.start()));
            int number = Integer.parseInt(found.group(1));
            if (number < 1 || number > parts.size()) {
                throw new IllegalStateException(
                        "%s must have %d elements inside: \"%s\".".formatted(expression, number, words));
            }
            IModel inside = parts.get(number - 1);
            if (found.group(2) != null) {
                inside.insert(1, make.createText(HtmlEscape.escapeHtml4Xml(found.group(2))));
            }
            model.addModel(inside);
            at = found.end();
        }
        text(model, make, words.substring(at));
        model.add(around.get(1));
    }

    private static void text(IModel model, IModelFactory make, String words) {
        if (!words.isEmpty()) {
            model.add(make.createText(HtmlEscape.escapeHtml4Xml(words)));
        }
    }

    /** The elements inside, each whole. */
    private static List<IModel> parts(IModel model, IModelFactory make) {
        List<IModel> parts = new ArrayList<>();
        int depth = 0;
        for (int at = 1; at < model.size() - 1; at++) {
            ITemplateEvent event = model.get(at);
            if (depth == 0 && event instanceof IOpenElementTag) {
                parts.add(make.createModel());
            }
            if (event instanceof IOpenElementTag) {
                depth++;
            }
            if (depth > 0) {
                parts.get(parts.size() - 1).add(event);
            }
            if (event instanceof ICloseElementTag) {
                depth--;
            }
        }
        return parts;
    }
}
