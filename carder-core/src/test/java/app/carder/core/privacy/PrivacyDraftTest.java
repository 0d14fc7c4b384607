package app.carder.core.privacy;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.core.privacy.PrivacyDraft.Level;
import app.carder.core.privacy.PrivacyDraft.Line;
import app.carder.core.privacy.PrivacyDraft.Part;
import app.carder.core.privacy.PrivacyFacts.Fact;
import app.carder.core.retention.Retention;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;

class PrivacyDraftTest {

    private static PrivacyFacts facts(String country, Set<Fact> does) {
        return new PrivacyFacts("Quillmere Nursery", country, does, Retention.usual(country));
    }

    private static List<String> sentences(PrivacyDraft draft, boolean isOpen) {
        return draft.parts().stream()
                .flatMap(part -> part.lines().stream())
                .filter(line -> line.isOpen() == isOpen)
                .map(Line::said)
                .map(said -> said.words())
                .toList();
    }

    private static Level level(PrivacyDraft draft, String heading) {
        return draft.parts().stream()
                .filter(part -> part.heading().words().equals(heading))
                .map(Part::level)
                .findFirst()
                .orElseThrow();
    }

    @Test
    void theNoticeTellsWhatTheSettingDoesAndNothingThatItDoesNot() {
        List<String> little = sentences(PrivacyDraft.notice(facts("ENGLAND", Set.of())), false);
        List<String> much = sentences(PrivacyDraft.notice(facts("ENGLAND", EnumSet.allOf(Fact.class))), false);

        assertThat(little)
                .anyMatch(line -> line.contains("Quillmere Nursery"))
                .noneMatch(line -> line.startsWith("Photos of"));
        assertThat(little).anyMatch(line -> line.contains("the rooms that they work in"));
        assertThat(much)
                .anyMatch(line -> line.startsWith("Photos of children at play"))
                .anyMatch(line -> line.contains("every child"))
                .noneMatch(line -> line.contains("the rooms that they work in"))
                .contains("Observations, photos and journals: 1 year after the child has left.");
    }

    @Test
    void whatCarderCannotKnowIsLeftToBeFilledIn() {
        PrivacyDraft english = PrivacyDraft.notice(facts("ENGLAND", Set.of()));
        PrivacyDraft elsewhere = PrivacyDraft.notice(facts("NEW_ZEALAND", Set.of()));

        assertThat(sentences(english, true)).anyMatch(line -> line.contains("lawful basis"));
        assertThat(sentences(elsewhere, true))
                .anyMatch(line -> line.contains("nobody has decided"))
                .anyMatch(line -> line.contains("which authority"));
        assertThat(sentences(english, false)).anyMatch(line -> line.contains("Information Commissioner"));
        assertThat(elsewhere.open()).isGreaterThan(english.open());
    }

    @Test
    void aRiskIsHighWhereWhatCarderOffersIsNotUsed() {
        PrivacyDraft careless = PrivacyDraft.impact(new PrivacyFacts(
                "Quillmere Nursery", "ENGLAND", Set.of(Fact.ROOMS_OPEN, Fact.PHOTOS), new Retention(Map.of())));
        PrivacyDraft careful =
                PrivacyDraft.impact(facts("ENGLAND", Set.of(Fact.SECOND_STEP, Fact.BACKED_UP, Fact.DEVICES)));

        for (String heading : List.of(
                "Somebody sees a child who is not in their care",
                "Somebody gets hold of a password",
                "It is kept for too long",
                "It is lost")) {
            assertThat(level(careless, heading)).as(heading).isEqualTo(Level.HIGH);
            assertThat(level(careful, heading)).as(heading).isNotEqualTo(Level.HIGH);
        }
        assertThat(careful.parts()).anyMatch(part -> part.heading().words().equals("A tablet is lost"));
        assertThat(careless.parts()).noneMatch(part -> part.heading().words().equals("A tablet is lost"));
    }
}
