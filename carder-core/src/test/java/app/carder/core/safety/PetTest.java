package app.carder.core.safety;

import static org.assertj.core.api.Assertions.assertThat;

import app.carder.core.calculation.Source;
import app.carder.core.material.Material;
import app.carder.core.material.MaterialKind;
import app.carder.core.material.Trait;
import app.carder.core.said.Said;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PetTest {

    private static List<String> told(String thing, Pet... pets) {
        Material material = new Material(
                thing,
                MaterialKind.PIECES,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Set.of(),
                Set.of(Trait.FINE, Trait.LOOKED_THROUGH),
                Source.entered(Said.typed("test")));
        return SafetyCheck.withShippedRules().besides(List.of(pets)).check(List.of(material), List.of()).stream()
                .map(Finding::code)
                .filter(code -> code.startsWith("PET_"))
                .toList();
    }

    @ParameterizedTest
    @CsvSource({
        "Raisins, DOG, 1",
        "Salt dough, DOG, 1",
        "Wooden cubes, DOG, 0",
        "Petals of roses, DOG, 0",
        "Raisins, CAT, 0",
        "Ribbon, CAT, 1",
        "Lilies, CAT, 1",
        "Rhubarb, RABBIT, 1",
        "Avocado stones, BIRD, 1",
        "Pine cones, BIRD, 0"
    })
    void whatCanHurtAnAnimalIsToldWhereOneLives(String thing, Pet pet, int times) {
        assertThat(told(thing, pet)).hasSize(times);
        assertThat(told(thing)).isEmpty();
    }
}
