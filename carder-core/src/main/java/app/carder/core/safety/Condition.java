package app.carder.core.safety;

import static java.util.function.Predicate.not;

import app.carder.core.material.Material;
import app.carder.core.material.Solid;
import app.carder.core.material.Trait;
import app.carder.core.measure.Age;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;

/** When a rule speaks: the geometry and the ages behind the table of rules, by the rule's code. */
enum Condition {
    WATER_BEADS {
        @Override
        Optional<Hit> meets(Material material, List<ChildPresent> children) {
            return whereTrait(material, Trait.WATER_BEADS, "they swell to many times their size");
        }
    },
    LOOSE_MAGNET {
        @Override
        Optional<Hit> meets(Material material, List<ChildPresent> children) {
            return whereTrait(material, Trait.LOOSE_MAGNET, "two that are swallowed clamp together inside");
        }
    },
    BALLOON_UNDER_THREE {
        @Override
        Optional<Hit> meets(Material material, List<ChildPresent> children) {
            return whereChildren(material, Trait.BALLOON, children, ChildPresent::isUnderThree);
        }
    },
    BALLOON {
        @Override
        Optional<Hit> meets(Material material, List<ChildPresent> children) {
            return whereChildren(
                    material,
                    Trait.BALLOON,
                    children,
                    child -> !child.isUnderThree() && child.age().isUnderMonths(96));
        }
    },
    SMALL_PART {
        @Override
        Optional<Hit> meets(Material material, List<ChildPresent> children) {
            return smallPart(material)
                    .flatMap(piece -> Hit.about(
                            children,
                            ChildPresent::isUnderThreeOrMouths,
                            "one piece (%s) goes whole into the small-parts cylinder".formatted(piece.forPeople())));
        }
    },
    SMALL_PART_OLDER {
        @Override
        Optional<Hit> meets(Material material, List<ChildPresent> children) {
            boolean allOlder = children.stream().noneMatch(ChildPresent::isUnderThreeOrMouths);
            return smallPart(material)
                    .filter(piece -> allOlder)
                    .map(piece -> Hit.aboutEveryone(
                            "one piece (%s) goes whole into the small-parts cylinder; nobody here today is under 36 months or seen mouthing"
                                    .formatted(piece.forPeople())));
        }
    },
    SMALL_BALL {
        @Override
        Optional<Hit> meets(Material material, List<ChildPresent> children) {
            return material.form()
                    .filter(SmallBallGauge::passes)
                    .flatMap(ball -> Hit.about(
                            children,
                            ChildPresent::isUnderThreeOrMouths,
                            "a %s passes the small-ball gauge of %s".formatted(ball.forPeople(), SmallBallGauge.HOLE)));
        }
    },
    ALLERGEN {
        @Override
        Optional<Hit> meets(Material material, List<ChildPresent> children) {
            String allergens = material.allergens().stream()
                    .filter(allergen -> children.stream()
                            .anyMatch(child -> child.allergens().contains(allergen)))
                    .sorted()
                    .map(allergen -> allergen.words())
                    .reduce((a, b) -> a + ", " + b)
                    .orElse("");
            return Hit.about(
                    children,
                    child -> child.allergens().stream().anyMatch(material.allergens()::contains),
                    "it holds " + allergens);
        }
    },
    RAW_PULSE {
        @Override
        Optional<Hit> meets(Material material, List<ChildPresent> children) {
            return whereChildren(material, Trait.TOXIC_RAW_PULSE, children, ChildPresent::isUnderThreeOrMouths);
        }
    },
    RAW_PULSE_OLDER {
        @Override
        Optional<Hit> meets(Material material, List<ChildPresent> children) {
            return whereChildren(material, Trait.TOXIC_RAW_PULSE, children, not(ChildPresent::isUnderThreeOrMouths));
        }
    },
    SALT {
        @Override
        Optional<Hit> meets(Material material, List<ChildPresent> children) {
            return whereChildren(material, Trait.SALT, children, ChildPresent::mouths);
        }
    },
    RAW_FLOUR {
        @Override
        Optional<Hit> meets(Material material, List<ChildPresent> children) {
            return whereChildren(material, Trait.RAW_FLOUR, children, ChildPresent::mouths);
        }
    },
    PLASTIC_FILM {
        @Override
        Optional<Hit> meets(Material material, List<ChildPresent> children) {
            return whereChildren(material, Trait.PLASTIC_FILM, children, ChildPresent::isUnderThreeOrMouths);
        }
    },
    WATER {
        @Override
        Optional<Hit> meets(Material material, List<ChildPresent> children) {
            return whereTrait(material, Trait.WATER, "a child can drown in 2.5 cm of water");
        }
    },
    SWELLS {
        @Override
        Optional<Hit> meets(Material material, List<ChildPresent> children) {
            return whereTrait(material, Trait.SWELLS, "pushed into nose or ear it swells");
        }
    },
    CORD {
        @Override
        Optional<Hit> meets(Material material, List<ChildPresent> children) {
            return whereTrait(material, Trait.CORD, "a cord can make a loop round a neck");
        }
    },
    ICE {
        @Override
        Optional<Hit> meets(Material material, List<ChildPresent> children) {
            return whereTrait(material, Trait.ICE, "ice held for long hurts bare skin");
        }
    },
    SOIL {
        @Override
        Optional<Hit> meets(Material material, List<ChildPresent> children) {
            return whereTrait(material, Trait.SOIL, "it comes from out of doors or is handled by many");
        }
    },
    DUST {
        @Override
        Optional<Hit> meets(Material material, List<ChildPresent> children) {
            return whereTrait(material, Trait.DUST, "it makes fine dust");
        }
    },
    STAINS {
        @Override
        Optional<Hit> meets(Material material, List<ChildPresent> children) {
            return whereTrait(material, Trait.STAINS, "it leaves colour on hands and clothes");
        }
    };

    /**
     * Why a rule speaks.
     *
     * @param children those concerned; empty for everyone
     * @param reason with the figures that decided
     */
    record Hit(List<String> children, String reason) {

        static Hit aboutEveryone(String reason) {
            return new Hit(List.of(), reason);
        }

        /** About those who meet it, each with the age that counts; absent where nobody does. */
        static Optional<Hit> about(List<ChildPresent> children, Predicate<ChildPresent> concerned, String reason) {
            List<String> named =
                    children.stream().filter(concerned).map(Condition::named).toList();
            return named.isEmpty() ? Optional.empty() : Optional.of(new Hit(named, reason));
        }
    }

    abstract Optional<Hit> meets(Material material, List<ChildPresent> children);

    private static Optional<Solid> smallPart(Material material) {
        return material.form().filter(SmallPartsCylinder::holds);
    }

    private static Optional<Hit> whereTrait(Material material, Trait trait, String reason) {
        return material.has(trait) ? Optional.of(Hit.aboutEveryone(reason)) : Optional.empty();
    }

    private static Optional<Hit> whereChildren(
            Material material, Trait trait, List<ChildPresent> children, Predicate<ChildPresent> concerned) {
        return material.has(trait)
                ? Hit.about(children, concerned, "the children named are here that day")
                : Optional.empty();
    }

    private static String named(ChildPresent child) {
        Age age = child.age();
        String months = age.inMonths() + " months";
        return child.mouthing() == ChildPresent.Mouthing.SEEN
                ? "%s (%s, mouths things)".formatted(child.name(), months)
                : "%s (%s)".formatted(child.name(), months);
    }
}
