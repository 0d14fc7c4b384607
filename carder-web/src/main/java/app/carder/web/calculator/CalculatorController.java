package app.carder.web.calculator;

import app.carder.core.said.Catalogue;
import app.carder.web.account.AllowedTo;
import app.carder.web.account.Audience;
import app.carder.web.account.Viewer;
import app.carder.web.material.MaterialService;
import app.carder.web.page.NotFound;
import app.carder.web.page.Printer;
import app.carder.web.page.Typed;
import java.util.Map;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/** The tools on their own, not for any card. */
@Controller
@AllowedTo(Audience.STAFF)
class CalculatorController {

    private final CalculatorService calculator;
    private final MaterialService materials;
    private final Printer printer;

    CalculatorController(CalculatorService calculator, MaterialService materials, Printer printer) {
        this.calculator = calculator;
        this.materials = materials;
        this.printer = printer;
    }

    @GetMapping("/calculators")
    ModelAndView list(@AuthenticationPrincipal Viewer viewer) {
        return new ModelAndView(
                "calculator/tools",
                Map.of(
                        "tools",
                        calculator.tools(),
                        "pictures",
                        calculator.pictures(
                                viewer.settingId(), Catalogue.spoken().locale()),
                        "base",
                        "/calculators"));
    }

    /** A tool; its address holds what was typed, so that it can be kept as a link. With a script only the answer is sent. */
    @GetMapping("/calculators/{tool}")
    ModelAndView ask(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("tool") String tool,
            @RequestParam MultiValueMap<String, String> parameters,
            @RequestHeader(name = "HX-Request-Type", defaultValue = "full") String requestType) {
        CalculatorService.Asked asked = parameters.isEmpty()
                ? calculator.open(viewer.settingId(), tool)
                : calculator.ask(viewer.settingId(), tool, Typed.of(parameters));
        ModelAndView page =
                new ModelAndView(requestType.equals("partial") ? "calculator/parts :: answer" : "calculator/tool");
        page.setStatus(asked.errors().any() ? HttpStatus.UNPROCESSABLE_CONTENT : HttpStatus.OK);
        page.addObject("asked", asked);
        page.addObject("cupboard", materials.cupboard(viewer.settingId()));
        return page;
    }

    /** What is drawn at true size, on paper. */
    @GetMapping("/calculators/{tool}/strip.pdf")
    ResponseEntity<byte[]> strip(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("tool") String tool,
            @RequestParam MultiValueMap<String, String> parameters) {
        ToolAnswer answer = calculator
                .ask(viewer.settingId(), tool, Typed.of(parameters))
                .answer()
                .orElseThrow(NotFound::new);
        return printer.download(
                "strip.pdf",
                printer.print(
                        "calculator/strip", Map.of("sketch", answer.trueSize().orElseThrow(NotFound::new)), Map.of()));
    }
}
