package app.carder.web.children;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.core.material.Allergen;
import app.carder.core.safety.CareEntry;
import app.carder.core.safety.CareEntry.Kind;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

class ChildCareTest {

    @Test
    void tellsWhatThePlanAndTheFamilyAskAndWhereTheMedicineIs() {
        ChildCare care = new ChildCare(
                false,
                true,
                Set.of(Allergen.MILK),
                "Medical plan in the office",
                List.of(new CareEntry(Kind.SKIN, "eczema on both hands", "Cotton gloves, then cream.")),
                "Blue pouch by the door",
                Set.of());

        assertThat(care.whatToDo())
                .isEqualTo("Medical plan in the office. Cotton gloves, then cream. Blue pouch by the door.");
    }

    @Test
    void aFamilyThatNobodyAskedIsNotAChildWithoutAllergies() {
        ChildCare care = new ChildCare(false, false, Set.of(), "", List.of(), "", Set.of());

        assertThat(care.isAny()).isTrue();
        assertThat(care.forPeople()).isEqualTo("allergies not asked yet");
        assertThat(care.whatToDo()).isEmpty();
    }
}
