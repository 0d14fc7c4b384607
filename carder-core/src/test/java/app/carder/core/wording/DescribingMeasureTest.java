package app.carder.core.wording;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** The English lists on three hundred sentences that were written before the lists grew; the figures stand in docs/benchmarks.md. */
class DescribingMeasureTest {

    private static final Describing ENGLISH = new Describing(LanguageRules.shipped("en"));

    @Test
    void marksWhatJudgesAndLeavesWhatDescribes() throws IOException {
        List<String> missed = new ArrayList<>();
        List<String> wronglyMarked = new ArrayList<>();
        int right = 0;
        int clean = 0;
        for (String line : Files.readAllLines(Path.of("src/test/resources/app/carder/core/wording/sentences.tsv"))) {
            if (line.startsWith("#") || line.isBlank()) {
                continue;
            }
            String text = line.substring(2);
            boolean marked = !ENGLISH.marks(text).isEmpty();
            if (line.startsWith("1")) {
                if (marked) {
                    right++;
                } else {
                    missed.add(text);
                }
            } else {
                clean++;
                if (marked) {
                    wronglyMarked.add(text + " " + ENGLISH.marks(text));
                }
            }
        }
        double precision = right / (double) (right + wronglyMarked.size());
        double recall = right / (double) (right + missed.size());
        System.out.printf(
                "words: precision %.3f, recall %.3f of %d and %d sentences%n",
                precision, recall, right + missed.size(), clean);

        assertThat(right + missed.size()).isGreaterThanOrEqualTo(150);
        assertThat(clean).isGreaterThanOrEqualTo(150);
        assertThat(precision).as("wrongly marked: %s", wronglyMarked).isGreaterThanOrEqualTo(0.97);
        assertThat(recall).as("missed: %s", missed).isGreaterThanOrEqualTo(0.95);
    }
}
