package app.carder.web.material;

import app.carder.core.cupboard.CupboardTable;
import app.carder.core.cupboard.CupboardTable.Contents;
import app.carder.core.cupboard.CupboardTable.Fault;
import app.carder.core.cupboard.Stocked;
import app.carder.core.said.Said;
import app.carder.exchange.json.CupboardJson;
import app.carder.web.account.AllowedTo;
import app.carder.web.account.Audience;
import app.carder.web.account.Viewer;
import app.carder.web.page.FormErrors;
import app.carder.web.page.Typed;
import java.io.IOException;
import java.io.StringReader;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.ModelAndView;

/** The cupboard as a file: out as CSV and JSON, in with a preview first. */
@Controller
@AllowedTo(Audience.STAFF)
class CupboardFileController {

    private static final long LARGEST_FILE = 2_000_000;

    private final MaterialService materials;

    CupboardFileController(MaterialService materials) {
        this.materials = materials;
    }

    @GetMapping("/materials/cupboard.csv")
    ResponseEntity<String> csv(@AuthenticationPrincipal Viewer viewer) {
        return file("cupboard.csv", "text/csv;charset=UTF-8", CupboardTable.write(everything(viewer)));
    }

    @GetMapping("/materials/cupboard.json")
    ResponseEntity<String> json(@AuthenticationPrincipal Viewer viewer) {
        return file("cupboard.json", MediaType.APPLICATION_JSON_VALUE, CupboardJson.write(everything(viewer)));
    }

    /** A table with two rows to write over. */
    @GetMapping("/materials/template.csv")
    ResponseEntity<String> template(@AuthenticationPrincipal Viewer viewer) {
        Map<String, Stocked> starter = CupboardTable.starter(materials.currency(viewer.settingId()));
        List<Stocked> examples = starter.values().stream()
                .filter(stocked ->
                        List.of("rice-long", "wooden-cubes", "jug-litre").contains(stocked.code()))
                .toList();
        return file("cupboard-template.csv", "text/csv;charset=UTF-8", CupboardTable.write(examples));
    }

    @GetMapping("/materials/import")
    ModelAndView choose() {
        return page(new FormErrors());
    }

    /** Shows what a file would do, row by row; nothing is written yet. */
    @PostMapping("/materials/import")
    ModelAndView preview(
            @AuthenticationPrincipal Viewer viewer,
            @RequestParam(name = "file", required = false) @Nullable MultipartFile file)
            throws IOException {
        FormErrors errors = new FormErrors();
        if (file == null || file.isEmpty()) {
            errors.add("file", "material.file.missing");
            return page(errors);
        }
        if (file.getSize() > LARGEST_FILE) {
            errors.add("file", "material.file.large", file.getSize() / 1_000_000);
            return page(errors);
        }
        try {
            return preview(viewer, read(viewer, text(file.getBytes())));
        } catch (CharacterCodingException notText) {
            errors.add("file", "material.file.encoding");
            return page(errors);
        }
    }

    /** Writes the rows that the preview found right. */
    @PostMapping("/materials/import/rows")
    ModelAndView putIn(@AuthenticationPrincipal Viewer viewer, @RequestParam MultiValueMap<String, String> parameters)
            throws IOException {
        Contents contents = withoutTakenNames(
                viewer,
                CupboardTable.read(
                        new StringReader(Typed.of(parameters).raw("table")), materials.currency(viewer.settingId())));
        if (!contents.faults().isEmpty()) {
            ModelAndView again = preview(viewer, contents);
            again.setStatus(HttpStatus.UNPROCESSABLE_CONTENT);
            return again;
        }
        MaterialService.Stocking done = materials.putIn(viewer.settingId(), contents.rows());
        return new ModelAndView("redirect:/materials?added=" + done.added() + "&changed=" + done.changed());
    }

    private Contents read(Viewer viewer, String text) throws IOException {
        Contents contents = text.stripLeading().startsWith("{")
                ? CupboardJson.read(text, materials.currency(viewer.settingId()))
                : CupboardTable.read(new StringReader(text), materials.currency(viewer.settingId()));
        return withoutTakenNames(viewer, contents);
    }

    /** Two things of one name could not be told apart on a card. */
    private Contents withoutTakenNames(Viewer viewer, Contents contents) {
        Map<String, String> codeByName = new HashMap<>();
        materials
                .cupboard(viewer.settingId())
                .forEach(material -> codeByName.put(material.name().toLowerCase(Locale.ROOT), material.code()));
        List<Stocked> rows = new ArrayList<>();
        List<Fault> faults = new ArrayList<>(contents.faults());
        for (Stocked stocked : contents.rows()) {
            String taken = codeByName.putIfAbsent(stocked.name().toLowerCase(Locale.ROOT), stocked.code());
            if (taken == null || taken.equals(stocked.code())) {
                rows.add(stocked);
            } else {
                faults.add(new Fault(0, stocked.name(), Said.of("refused.cupboard-table.name-taken", taken)));
            }
        }
        return new Contents(rows, faults, contents.notRead());
    }

    private ModelAndView preview(Viewer viewer, Contents contents) {
        Map<String, MaterialView> known = new HashMap<>();
        materials.cupboard(viewer.settingId()).forEach(material -> known.put(material.code(), material));
        ModelAndView page = page(new FormErrors());
        page.addObject("contents", contents);
        page.addObject("known", known);
        page.addObject("table", CupboardTable.write(contents.rows()));
        return page;
    }

    private static String text(byte[] bytes) throws CharacterCodingException {
        return StandardCharsets.UTF_8
                .newDecoder()
                .decode(ByteBuffer.wrap(bytes))
                .toString();
    }

    private List<Stocked> everything(Viewer viewer) {
        return materials.cupboard(viewer.settingId()).stream()
                .map(MaterialView::stocked)
                .toList();
    }

    private static ResponseEntity<String> file(String name, String type, String content) {
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_TYPE, type)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment().filename(name).build().toString())
                .body(content);
    }

    private static ModelAndView page(FormErrors errors) {
        ModelAndView page = new ModelAndView("material/import");
        page.setStatus(errors.any() ? HttpStatus.UNPROCESSABLE_CONTENT : HttpStatus.OK);
        page.addObject("columns", CupboardTable.COLUMNS);
        page.addObject("errors", errors);
        return page;
    }
}
