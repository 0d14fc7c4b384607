package app.carder.web.material;

import app.carder.core.cupboard.Stocked;
import app.carder.core.cupboard.Stocked.Amount;
import app.carder.core.framework.Sense;
import app.carder.core.look.Paint;
import app.carder.core.material.MaterialKind;
import app.carder.core.material.Trait;
import app.carder.core.measure.Mass;
import app.carder.core.vessel.VesselShape;
import app.carder.web.account.AllowedTo;
import app.carder.web.account.Audience;
import app.carder.web.account.Viewer;
import app.carder.web.page.FormErrors;
import app.carder.web.page.NotFound;
import app.carder.web.page.Paging;
import app.carder.web.page.Typed;
import app.carder.web.picture.PictureSvg;
import app.carder.web.setting.Ids;
import app.carder.web.undo.CanBeUndone;
import app.carder.web.undo.Deed;
import java.math.BigDecimal;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.CacheControl;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;
import org.springframework.web.util.UriComponentsBuilder;

/** The cupboard's pages: looking something up, writing it down, counting what is left. */
@Controller
@AllowedTo(Audience.STAFF)
class MaterialController {

    private final MaterialService materials;
    private final ThingsBySense bySense;

    MaterialController(MaterialService materials, ThingsBySense bySense) {
        this.materials = materials;
        this.bySense = bySense;
    }

    /** The list; with a script, its rows follow the search as it is typed. */
    @GetMapping("/materials")
    ModelAndView list(
            @AuthenticationPrincipal Viewer viewer,
            @RequestParam(name = "q", defaultValue = "") String query,
            @RequestParam(name = "kind", defaultValue = "") String kind,
            @RequestParam(name = "allergen", defaultValue = "") String allergen,
            @RequestParam(name = "hazard", defaultValue = "") String hazard,
            @RequestParam(name = "place", defaultValue = "") String place,
            @RequestParam(name = "sense", defaultValue = "") String sense,
            @RequestParam(name = "page", defaultValue = "0") int number,
            @RequestHeader(name = "HX-Request-Type", defaultValue = "full") String requestType) {
        ModelAndView page = list(
                viewer,
                new Filter(query, kind, allergen, hazard, place, sense),
                number,
                "",
                Typed.nothing(),
                new FormErrors());
        if (requestType.equals("partial")) {
            page.setViewName("material/materials :: rows");
        }
        return page;
    }

    @GetMapping("/materials/new")
    ModelAndView blank(@AuthenticationPrincipal Viewer viewer) {
        return form(null, Typed.nothing().with("id", Ids.next()), new FormErrors());
    }

    @PostMapping("/materials")
    ModelAndView add(@AuthenticationPrincipal Viewer viewer, @RequestParam MultiValueMap<String, String> parameters) {
        Typed typed = Typed.of(parameters);
        FormErrors errors = new FormErrors();
        UUID id = typed.id("id").orElseThrow(NotFound::new);
        Optional<Stocked> stocked = read(viewer, typed, errors, Optional.empty(), "own-" + id);
        if (stocked.isEmpty()) {
            return form(null, typed, errors);
        }
        materials.add(viewer.settingId(), id, stocked.get());
        return new ModelAndView("redirect:/materials/" + id + "?saved");
    }

    @GetMapping("/materials/{materialId}")
    ModelAndView open(@AuthenticationPrincipal Viewer viewer, @PathVariable("materialId") UUID materialId) {
        MaterialView material = materials.get(viewer.settingId(), materialId);
        return form(material, MaterialForm.of(material), new FormErrors());
    }

    /** The picture of its label in lines that can be felt. */
    @GetMapping("/materials/{materialId}/relief.svg")
    ResponseEntity<String> relief(@AuthenticationPrincipal Viewer viewer, @PathVariable("materialId") UUID materialId) {
        MaterialView material = materials.get(viewer.settingId(), materialId);
        return ResponseEntity.ok()
                .contentType(MediaType.valueOf("image/svg+xml"))
                .cacheControl(CacheControl.noStore())
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename(material.code() + ".svg")
                                .build()
                                .toString())
                .body(PictureSvg.relief(material.picture()));
    }

    @PostMapping("/materials/{materialId}")
    @CanBeUndone(Deed.MATERIAL_CHANGED)
    ModelAndView rewrite(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("materialId") UUID materialId,
            @RequestParam MultiValueMap<String, String> parameters) {
        MaterialView material = materials.get(viewer.settingId(), materialId);
        Typed typed = Typed.of(parameters);
        FormErrors errors = new FormErrors();
        Optional<Stocked> stocked = read(viewer, typed, errors, Optional.of(materialId), material.code());
        if (stocked.isEmpty()) {
            return form(material, typed, errors);
        }
        if (!materials.rewrite(viewer.settingId(), materialId, typed.version(), stocked.get())) {
            errors.add("name", "material.changed");
            typed.with("version", material.version());
            ModelAndView page = form(material, typed, errors);
            page.setStatus(HttpStatus.CONFLICT);
            return page;
        }
        return new ModelAndView("redirect:/materials/" + materialId + "?saved");
    }

    /** How much is left, straight from the list. */
    @PostMapping("/materials/{materialId}/stock")
    @CanBeUndone(Deed.STOCK_COUNTED)
    ModelAndView count(
            @AuthenticationPrincipal Viewer viewer,
            @PathVariable("materialId") UUID materialId,
            @RequestParam MultiValueMap<String, String> parameters) {
        Typed typed = Typed.of(parameters);
        FormErrors errors = new FormErrors();
        MaterialView material = materials.get(viewer.settingId(), materialId);
        Optional<Amount> stock = typed.text("step").isEmpty()
                ? stock(typed.text("stock"), material)
                : Optional.of(material.stocked().stockAfter(typed.has("step", "more") ? 1 : -1));
        if (stock.isEmpty()) {
            errors.add("stock-" + materialId, "material.stock", typed.text("stock"));
            return list(viewer, Filter.byName(material.name()), 0, materialId.toString(), typed, errors);
        }
        materials.count(viewer.settingId(), materialId, stock.get());
        return new ModelAndView("redirect:" + back(typed) + "#m-" + materialId);
    }

    @PostMapping("/materials/{materialId}/retire")
    @CanBeUndone(Deed.MATERIAL_REMOVED)
    String retire(@AuthenticationPrincipal Viewer viewer, @PathVariable("materialId") UUID materialId) {
        materials.retire(viewer.settingId(), materialId);
        return "redirect:/materials";
    }

    @PostMapping("/materials/starter")
    String starter(@AuthenticationPrincipal Viewer viewer) {
        return "redirect:/materials?added="
                + materials.stock(viewer.settingId()).added();
    }

    private static String back(Typed typed) {
        String query = typed.text("q");
        return query.isEmpty() || query.length() > Typed.LONGEST_LINE
                ? "/materials"
                : "/materials?q=" + java.net.URLEncoder.encode(query, java.nio.charset.StandardCharsets.UTF_8);
    }

    /** Grams for what is poured, a number for everything else; blank where nobody knows. */
    private static Optional<Amount> stock(String text, MaterialView material) {
        if (text.isEmpty()) {
            return Optional.of(Amount.UNKNOWN);
        }
        Optional<BigDecimal> number = Typed.number(text)
                .filter(found -> found.signum() >= 0 && found.compareTo(BigDecimal.valueOf(1_000_000)) <= 0);
        if (material.isPoured()) {
            return number.map(grams -> Amount.of(Mass.ofGrams(grams)));
        }
        return number.filter(found -> found.stripTrailingZeros().scale() <= 0)
                .map(count -> Amount.of(count.intValueExact()));
    }

    private Optional<Stocked> read(Viewer viewer, Typed typed, FormErrors errors, Optional<UUID> id, String code) {
        Optional<Stocked> stocked = MaterialForm.read(typed, errors, code, materials.currency(viewer.settingId()));
        if (materials.isTaken(viewer.settingId(), typed.text("name"), id)) {
            errors.add("name", "material.name.taken", typed.text("name"));
            return Optional.empty();
        }
        return stocked;
    }

    /**
     * What of the cupboard is shown.
     *
     * @param query part of a name, a place, a trait or an allergen
     * @param kind its name; empty for all
     * @param allergen its name; empty for all
     * @param hazard the name of a trait; empty for all
     * @param place where it is kept; empty for all
     * @param sense the name of one that cards put it out for; empty for all
     */
    public record Filter(String query, String kind, String allergen, String hazard, String place, String sense) {
        static Filter byName(String name) {
            return new Filter(name, "", "", "", "", "");
        }

        private Optional<Sense> chosenSense() {
            return Arrays.stream(Sense.values())
                    .filter(one -> one.name().equals(sense))
                    .findFirst();
        }

        private boolean shows(MaterialView thing) {
            return (kind.isEmpty() || thing.material().kind().name().equals(kind))
                    && (allergen.isEmpty()
                            || thing.material().allergens().stream()
                                    .anyMatch(one -> one.name().equals(allergen)))
                    && (hazard.isEmpty()
                            || thing.material().traits().stream()
                                    .anyMatch(one -> one.name().equals(hazard)))
                    && (place.isEmpty() || thing.stocked().keptIn().equals(place))
                    && matches(thing, query.strip().toLowerCase(Locale.ROOT));
        }

        /** As the rest of an address. */
        public String address() {
            return UriComponentsBuilder.newInstance()
                    .queryParam("q", query.strip())
                    .queryParam("kind", kind)
                    .queryParam("allergen", allergen)
                    .queryParam("hazard", hazard)
                    .queryParam("place", place)
                    .queryParam("sense", sense)
                    .encode()
                    .toUriString();
        }
    }

    private ModelAndView list(
            Viewer viewer, Filter filter, int number, String openMaterial, Typed typed, FormErrors errors) {
        List<MaterialView> all = materials.cupboard(viewer.settingId());
        Optional<Set<String>> ofSense = filter.chosenSense().map(sense -> bySense.codes(viewer.settingId(), sense));
        List<MaterialView> found = all.stream()
                .filter(filter::shows)
                .filter(thing -> ofSense.map(
                                codes -> codes.contains(thing.stocked().code()))
                        .orElse(true))
                .toList();
        ModelAndView page = new ModelAndView("material/materials");
        page.setStatus(errors.any() ? HttpStatus.UNPROCESSABLE_CONTENT : HttpStatus.OK);
        page.addObject("materials", Paging.of(found, number));
        page.addObject("total", found.size());
        page.addObject("filter", filter);
        page.addObject("query", filter.query().strip());
        page.addObject("kind", filter.kind());
        page.addObject(
                "allergens",
                all.stream()
                        .flatMap(thing -> thing.material().allergens().stream())
                        .distinct()
                        .sorted()
                        .toList());
        page.addObject(
                "hazards",
                all.stream()
                        .flatMap(thing -> thing.material().traits().stream())
                        .filter(trait -> trait != Trait.LOOKED_THROUGH)
                        .distinct()
                        .sorted(Comparator.comparing(Trait::words))
                        .toList());
        page.addObject(
                "places",
                all.stream()
                        .map(thing -> thing.stocked().keptIn())
                        .filter(place -> !place.isEmpty())
                        .distinct()
                        .sorted()
                        .toList());
        page.addObject("kinds", MaterialKind.values());
        page.addObject("openMaterial", openMaterial);
        page.addObject("typed", typed);
        page.addObject("errors", errors);
        return page;
    }

    private static boolean matches(MaterialView material, String wanted) {
        return wanted.isEmpty()
                || material.name().toLowerCase(Locale.ROOT).contains(wanted)
                || material.stocked().keptIn().toLowerCase(Locale.ROOT).contains(wanted)
                || material.material().traits().stream()
                        .anyMatch(
                                trait -> trait.words().toLowerCase(Locale.ROOT).contains(wanted))
                || material.material().allergens().stream()
                        .anyMatch(allergen ->
                                allergen.words().toLowerCase(Locale.ROOT).contains(wanted));
    }

    static ModelAndView form(@Nullable MaterialView material, Typed typed, FormErrors errors) {
        ModelAndView page = new ModelAndView("material/material");
        page.setStatus(errors.any() ? HttpStatus.UNPROCESSABLE_CONTENT : HttpStatus.OK);
        page.addObject("material", material);
        page.addObject("kinds", MaterialKind.values());
        page.addObject("shapes", VesselShape.values());
        page.addObject("traits", MaterialForm.traits());
        page.addObject("allergens", MaterialForm.allergens());
        page.addObject("silhouettes", MaterialForm.silhouettes());
        page.addObject("paints", Paint.values());
        page.addObject("hasLook", MaterialForm.hasLook(typed));
        page.addObject("ownColour", MaterialForm.ownColour(typed).orElse(""));
        page.addObject("typed", typed);
        page.addObject("errors", errors);
        return page;
    }
}
