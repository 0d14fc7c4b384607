package app.carder.web.journal;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.core.composition.Sheet;
import app.carder.core.framework.Framework;
import app.carder.core.framework.FrameworkLibrary;
import app.carder.core.journal.Part;
import app.carder.core.journal.Purpose;
import app.carder.exchange.pdf.JoinedPdf;
import app.carder.web.children.PegMark;
import app.carder.web.journal.JournalSheet.Entry;
import app.carder.web.journal.JournalSheet.Photo;
import app.carder.web.journal.JournalSheet.Piece;
import app.carder.web.journal.JournalSheet.Section;
import app.carder.web.kit.WebTest;
import app.carder.web.media.PhotoService;
import app.carder.web.setting.SettingId;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.lang.management.ManagementFactory;
import java.lang.management.MemoryPoolMXBean;
import java.lang.management.MemoryType;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.stream.IntStream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.core.io.ByteArrayResource;

/**
 * Times a long journal with many photos as a PDF, and 24 of them one after the other while somebody opens a page; run by {@code ./carder bench
 * journals}. It measures and asserts no time.
 */
@EnabledIfSystemProperty(named = "carder.bench.journals", matches = "true")
class JournalBenchmark extends WebTest {

    private static final int PAGES = 24;
    private static final int PHOTOS = 40;
    private static final int JOURNALS = 24;
    private static final int RUNS = 15;
    private static final double MEBI = 1024 * 1024;

    @Autowired
    private JournalFiles files;

    @Autowired
    private FrameworkLibrary frameworks;

    @Autowired
    private PhotoService photos;

    @Test
    void printsWhatALongJournalTakes() throws Exception {
        SettingId setting = new SettingId(id("select id from setting where name = 'Quillmere Nursery'"));
        JournalSheet sheet = longOne(saved(setting));
        for (int run = 0; run < 5; run++) {
            assertThat(files.of(setting, sheet, JournalFormat.PDF)).isNotEmpty();
        }

        double[] seconds = new double[RUNS];
        int bytes = 0;
        for (int run = 0; run < RUNS; run++) {
            long before = System.nanoTime();
            bytes = files.of(setting, sheet, JournalFormat.PDF).length;
            seconds[run] = (System.nanoTime() - before) / 1e9;
        }
        Arrays.sort(seconds);
        System.gc();
        double heldBefore = held();
        resetPeaks();
        files.of(setting, sheet, JournalFormat.PDF);
        double peak = peak() - heldBefore;
        say(
                "%d pages with %d photos as PDF (%.1f MB): median %.2f s, most %.2f s; heap at most %.0f MB above what was held"
                        .formatted(PAGES, PHOTOS, bytes / MEBI, seconds[RUNS / 2], seconds[RUNS - 1], peak));

        AtomicBoolean goesOn = new AtomicBoolean(true);
        List<Double> answers = new ArrayList<>();
        Thread reader = new Thread(() -> {
            while (goesOn.get()) {
                long before = System.nanoTime();
                get("hamish", "/plan");
                answers.add((System.nanoTime() - before) / 1e9);
            }
        });
        reader.start();
        long before = System.nanoTime();
        byte[] all = JoinedPdf.of(IntStream.range(0, JOURNALS)
                .mapToObj(at -> files.of(setting, sheet, JournalFormat.PDF))
                .toList());
        double job = (System.nanoTime() - before) / 1e9;
        goesOn.set(false);
        reader.join();
        answers.sort(Double::compareTo);
        say("%d of them in one (%.0f MB): %.1f s; meanwhile %d pages were answered, median %.0f ms, 95th %.0f ms"
                .formatted(
                        JOURNALS,
                        all.length / MEBI,
                        job,
                        answers.size(),
                        1000 * answers.get(answers.size() / 2),
                        1000 * answers.get(answers.size() * 95 / 100)));
    }

    private static void say(String row) {
        System.out.println("BENCH " + row.toLowerCase(Locale.ROOT));
    }

    private static List<MemoryPoolMXBean> heap() {
        return ManagementFactory.getMemoryPoolMXBeans().stream()
                .filter(pool -> pool.getType() == MemoryType.HEAP)
                .toList();
    }

    private static void resetPeaks() {
        heap().forEach(MemoryPoolMXBean::resetPeakUsage);
    }

    private static double peak() {
        return heap().stream().mapToLong(pool -> pool.getPeakUsage().getUsed()).sum() / MEBI;
    }

    private static double held() {
        return heap().stream().mapToLong(pool -> pool.getUsage().getUsed()).sum() / MEBI;
    }

    /** As many entries as fill the pages, the first of them with a photo each. */
    private JournalSheet longOne(List<Photo> pictures) {
        Framework framework = frameworks.all().get(0);
        List<Piece> pieces = new ArrayList<>();
        JournalSheet sheet = sheet(framework, pieces);
        while (pieces.size() < PHOTOS
                || JournalPages.composition(sheet, Sheet.A4).pages().size() < PAGES) {
            int at = pieces.size();
            pieces.add(new Piece(
                    "entry-" + at,
                    List.of(new Entry(
                            LocalDate.of(2026, 3, 1).plusDays(at),
                            "Poured the rice slowly along the edge of the tray and watched where it ran. "
                                    .repeat(2 + at % 6),
                            at < PHOTOS ? List.of(pictures.get(at)) : List.of(),
                            Set.of(framework.areas().get(0).code()),
                            framework,
                            List.of(framework.areas().get(0).name()),
                            "",
                            Optional.empty(),
                            Optional.empty())),
                    "",
                    Optional.empty(),
                    Optional.empty(),
                    Optional.empty()));
            sheet = sheet(framework, pieces);
        }
        return sheet;
    }

    private static JournalSheet sheet(Framework framework, List<Piece> pieces) {
        return new JournalSheet(
                UUID.randomUUID(),
                UUID.randomUUID(),
                "Anouk",
                PegMark.values()[3],
                "Quillmere Nursery",
                LocalDate.of(2026, 3, 1),
                LocalDate.of(2026, 5, 6),
                Purpose.TERM,
                "A long time of pouring.",
                List.of(new Section(Part.BUSY_WITH, pieces)),
                framework,
                true,
                0);
    }

    private List<Photo> saved(SettingId setting) throws Exception {
        UUID material = material("rice-long");
        List<Photo> saved = new ArrayList<>();
        for (int at = 0; at < PHOTOS; at++) {
            byte[] drawn = scene(new Random(at));
            saved.add(new Photo(
                    photos.saveThing(setting, material, photos.clean(new ByteArrayResource(drawn), drawn.length)),
                    100));
        }
        return saved;
    }

    /** About as hard to squeeze as a photo from a phone. */
    private static byte[] scene(Random random) throws Exception {
        BufferedImage image = new BufferedImage(2400, 1800, BufferedImage.TYPE_INT_RGB);
        Graphics2D paper = image.createGraphics();
        for (int mark = 0; mark < 4000; mark++) {
            paper.setColor(new Color(random.nextInt(0x1000000)));
            paper.fillOval(random.nextInt(2400), random.nextInt(1800), 8 + random.nextInt(90), 8 + random.nextInt(90));
        }
        paper.dispose();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(image, "jpg", out);
        return out.toByteArray();
    }
}
