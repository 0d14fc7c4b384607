package app.carder.web.material;

import app.carder.core.measure.Mass;
import app.carder.core.measure.Money;
import app.carder.core.vessel.Fill.Pack;
import app.carder.web.account.AllowedTo;
import app.carder.web.account.Audience;
import app.carder.web.account.Viewer;
import app.carder.web.page.FormErrors;
import app.carder.web.page.Typed;
import app.carder.web.setting.SettingService;
import java.math.BigDecimal;
import java.util.Currency;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/** The cupboard's page: what there is, and how each material is bought. */
@Controller
@AllowedTo(Audience.STAFF)
class MaterialController {

    private final MaterialService materials;
    private final SettingService settings;

    MaterialController(MaterialService materials, SettingService settings) {
        this.materials = materials;
        this.settings = settings;
    }

    @GetMapping("/materials")
    ModelAndView list(@AuthenticationPrincipal Viewer viewer) {
        return page(viewer, "", Typed.nothing(), new FormErrors());
    }

    @PostMapping("/materials/{materialId}/pack")
    ModelAndView buyIn(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("materialId") UUID materialId,
            @RequestParam MultiValueMap<String, String> parameters) {
        Typed typed = Typed.of(parameters);
        FormErrors errors = new FormErrors();
        Optional<Pack> pack = read(typed, settings.get(viewer.settingId()).currency(), errors);
        if (errors.any()) {
            return page(viewer, materialId.toString(), typed, errors);
        }
        materials.buyIn(viewer.settingId(), materialId, pack);
        return new ModelAndView("redirect:/materials#m-" + materialId);
    }

    /** Both blank: not bought in packs. */
    private static Optional<Pack> read(Typed typed, Currency currency, FormErrors errors) {
        String grams = typed.text("grams");
        String price = typed.text("price");
        if (grams.isEmpty() && price.isEmpty()) {
            return Optional.empty();
        }
        Optional<BigDecimal> content = Typed.number(grams)
                .filter(number -> number.signum() > 0 && number.compareTo(BigDecimal.valueOf(100_000)) <= 0);
        Optional<BigDecimal> cost = Typed.number(price)
                .filter(number -> number.signum() >= 0 && number.compareTo(BigDecimal.valueOf(10_000)) <= 0);
        if (content.isEmpty()) {
            errors.add("grams", "material.grams", grams);
        }
        if (cost.isEmpty()) {
            errors.add("price", "material.price", price);
        }
        return content.flatMap(mass -> cost.map(amount -> new Pack(Mass.ofGrams(mass), Money.of(amount, currency))));
    }

    private ModelAndView page(Viewer viewer, String openMaterial, Typed typed, FormErrors errors) {
        ModelAndView page = new ModelAndView("material/materials");
        page.setStatus(errors.any() ? HttpStatus.UNPROCESSABLE_CONTENT : HttpStatus.OK);
        page.addObject("materials", materials.cupboard(viewer.settingId()));
        page.addObject("openMaterial", openMaterial);
        page.addObject("typed", typed);
        page.addObject("errors", errors);
        return page;
    }
}
