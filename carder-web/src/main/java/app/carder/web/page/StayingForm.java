package app.carder.web.page;

import java.util.LinkedHashMap;
import java.util.Map;
import org.thymeleaf.context.ITemplateContext;
import org.thymeleaf.engine.AttributeName;
import org.thymeleaf.model.IProcessableElementTag;
import org.thymeleaf.processor.element.AbstractAttributeTagProcessor;
import org.thymeleaf.processor.element.IElementTagStructureHandler;
import org.thymeleaf.templatemode.TemplateMode;

/**
 * {@code carder:stays} on a form whose answer is the page that it stands on: only what has changed on it is exchanged, and what was just done is
 * said above. Without scripts it is a form as any other. Where the answer is another page after all, {@code stays.mjs} opens that.
 */
final class StayingForm extends AbstractAttributeTagProcessor {

    private static final int PRECEDENCE = 1000;
    private static final Map<String, String> ATTRIBUTES = new LinkedHashMap<>();

    static {
        ATTRIBUTES.put("hx-boost", "true");
        ATTRIBUTES.put("hx-target", "#main");
        ATTRIBUTES.put("hx-select", "#main");
        ATTRIBUTES.put("hx-select-oob", "#just-done");
        ATTRIBUTES.put("hx-swap", "outerMorph");
        ATTRIBUTES.put("hx-push-url", "false");
    }

    StayingForm(String prefix) {
        super(TemplateMode.HTML, prefix, "form", false, "stays", true, PRECEDENCE, true);
    }

    @Override
    protected void doProcess(
            ITemplateContext context,
            IProcessableElementTag tag,
            AttributeName name,
            String nothing,
            IElementTagStructureHandler structure) {
        ATTRIBUTES.forEach(structure::setAttribute);
    }
}
