package app.carder.core.journal;

import static app.carder.core.journal.PhotoRule.Consent.GIVEN;
import static app.carder.core.journal.PhotoRule.Consent.NOT_GIVEN;
import static app.carder.core.journal.PhotoRule.Whose.ANOTHER;
import static app.carder.core.journal.PhotoRule.Whose.THE_CHILD;
import static org.assertj.core.api.Assertions.assertThat;

import app.carder.core.journal.PhotoRule.Shown;
import java.util.List;
import org.junit.jupiter.api.Test;

class PhotoRuleTest {

    private static final Shown CHILD = new Shown(THE_CHILD, GIVEN, NOT_GIVEN);
    private static final Shown CHILD_WITHOUT_CONSENT = new Shown(THE_CHILD, NOT_GIVEN, GIVEN);
    private static final Shown FRIEND = new Shown(ANOTHER, NOT_GIVEN, GIVEN);
    private static final Shown FRIEND_WITHOUT_CONSENT = new Shown(ANOTHER, GIVEN, NOT_GIVEN);

    @Test
    void allowsAPhotoOfThingsAlone() {
        assertThat(PhotoRule.allows(List.of())).isTrue();
    }

    @Test
    void asksTheChildsOwnFamilyForTheOwnJournal() {
        assertThat(PhotoRule.allows(List.of(CHILD))).isTrue();
        assertThat(PhotoRule.allows(List.of(CHILD_WITHOUT_CONSENT))).isFalse();
    }

    @Test
    void asksEveryOtherFamilyForOthersJournals() {
        assertThat(PhotoRule.allows(List.of(CHILD, FRIEND))).isTrue();
        assertThat(PhotoRule.allows(List.of(CHILD, FRIEND, FRIEND_WITHOUT_CONSENT)))
                .isFalse();
    }
}
