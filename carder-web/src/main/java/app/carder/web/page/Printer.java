package app.carder.web.page;

import app.carder.core.said.Catalogue;
import app.carder.exchange.pdf.AccessiblePdf;
import java.util.Map;
import java.util.Set;
import org.springframework.context.ApplicationContext;
import org.springframework.http.CacheControl;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Service;
import org.thymeleaf.ITemplateEngine;
import org.thymeleaf.context.Context;
import org.thymeleaf.spring6.expression.ThymeleafEvaluationContext;

/** Prints a template as a PDF that everyone can read. */
@Service
public class Printer {

    private final ITemplateEngine templates;
    private final ApplicationContext beans;
    private final Places places;

    Printer(ITemplateEngine templates, ApplicationContext beans, Places places) {
        this.templates = templates;
        this.beans = beans;
        this.places = places;
    }

    /** The PDF as a response, for whoever may open it and for no cache on the way. */
    public ResponseEntity<byte[]> download(String filename, byte[] pdf) {
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_PDF)
                .cacheControl(CacheControl.noStore())
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.inline().filename(filename).build().toString())
                .body(pdf);
    }

    /**
     * Prints.
     *
     * @param template an XHTML page with a title and a language
     * @param model what it shows
     * @param pictures by the name that the page calls them
     * @throws Busy if too much is being printed or worked out already
     */
    public byte[] print(String template, Map<String, Object> model, Map<String, byte[]> pictures) {
        String page = AccessiblePdf.printable(words(template, model));
        return places.with(() -> AccessiblePdf.of(page, pictures));
    }

    /** What a template says, for a file that is not printed. */
    public String words(String template, Map<String, Object> model) {
        return templates.process(template, context(model));
    }

    /** What a fragment of a template says. */
    public String words(String template, String fragment, Map<String, Object> model) {
        return templates.process(template, Set.of(fragment), context(model));
    }

    private Context context(Map<String, Object> model) {
        Context context = new Context(Catalogue.spoken().locale(), model);
        context.setVariable(
                ThymeleafEvaluationContext.THYMELEAF_EVALUATION_CONTEXT_CONTEXT_VARIABLE_NAME,
                new ThymeleafEvaluationContext(beans, null));
        return context;
    }
}
