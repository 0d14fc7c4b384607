package app.carder.core.safety;

import app.carder.core.said.Catalogue;
import app.carder.core.said.Said;
import java.util.ArrayList;
import java.util.List;

/**
 * An animal that lives where children play, at home or in the room. What can poison it or block its gut is told, so that it is put away
 * to the last piece. From memory of advice to owners; the lists are {@code pet ...} in care-relations-en.csv and are never complete.
 */
public enum Pet {
    DOG,
    CAT,
    RABBIT,
    BIRD;

    /** For people. */
    public String words() {
        return Said.say("animal." + name());
    }

    /** What on a card is told of for these animals; it holds nothing. */
    static List<Finding> findings(Setup setup, List<Pet> pets) {
        List<Finding> findings = new ArrayList<>();
        for (Pet pet : pets) {
            setup.items()
                    .forEach(item -> CareRelations.related(
                                    "pet " + Catalogue.ENGLISH.say("animal." + pet.name()), item.material())
                            .map(match -> Finding.known(
                                    "PET_" + pet,
                                    Level.KNOW,
                                    new Finding.Words(
                                            Said.of("pet.title", pet.words()),
                                            Said.of("pet.reason", match.found(), match.because()),
                                            Said.of("pet.caution")),
                                    new Finding.About(item.material().name(), List.of()),
                                    new Finding.Authority(
                                            app.carder.core.calculation.Source.fromMemory(
                                                    "Advice to owners of animals"),
                                            "")))
                            .ifPresent(findings::add));
        }
        return findings;
    }
}
