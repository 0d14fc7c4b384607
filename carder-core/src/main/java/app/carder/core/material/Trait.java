package app.carder.core.material;

import app.carder.core.said.Said;

/** A property of a material that a safety rule looks at. */
public enum Trait {
    /** Liquid water, or melting to it. */
    WATER,
    /** Water warmed for play. */
    WARM_WATER,
    /** A pulse that makes ill when raw. */
    TOXIC_RAW_PULSE,
    /** A dried pulse or seed that swells when wet. */
    SWELLS,
    /** A thing sold to grow in water. */
    EXPANDING,
    /** Enough salt to harm when eaten. */
    SALT,
    /** Dough of which a third is salt. */
    SALT_DOUGH,
    /** Uncooked flour. */
    RAW_FLOUR,
    /** Absorbent polymer beads. */
    WATER_BEADS,
    /** A strong magnet that is not sealed in. */
    LOOSE_MAGNET,
    /** A magnet that is sealed in. */
    SEALED_MAGNET,
    /** A button or coin cell that can be reached. */
    COIN_CELL,
    /** A thing with a battery in it. */
    BATTERY,
    /** A balloon, uninflated or in pieces. */
    BALLOON,
    /** String, lace or ribbon; its length is the longest measure. */
    CORD,
    /** A cord or strap that is closed to a loop. */
    LOOP,
    /** A thing that is pulled along by a cord. */
    PULL_CORD,
    /** Thin plastic film or bag. */
    PLASTIC_FILM,
    /** Metal foil. */
    FOIL,
    /** Laminated card. */
    LAMINATED,
    /** Loose plastic glitter. */
    GLITTER,
    /** Borax or another borate. */
    BORAX,
    /** Glass that can break. */
    GLASS,
    /** Scissors or snips. */
    SCISSORS,
    /** A candle or another naked flame. */
    FLAME,
    /** Hot enough to hurt, or heated to be used. */
    HOT,
    /** Bare metal that the sun heats. */
    METAL,
    /** A light that flashes. */
    FLASHING,
    /** A laser. */
    LASER,
    /** An ultraviolet lamp. */
    UV_LAMP,
    /** Plaster of Paris. */
    PLASTER,
    /** Whole round food: grapes, cherry tomatoes, large berries. */
    ROUND_FOOD,
    /** Whole nuts, acorns or conkers. */
    NUTS,
    /** Popcorn, marshmallows, jelly cubes, hard sweets. */
    CHOKING_FOOD,
    /** Raw carrot or apple in chunks. */
    HARD_FOOD,
    /** Sausage, or food cut into coins. */
    COIN_FOOD,
    /** Honey. */
    HONEY,
    /** Sugar or syrup. */
    SUGAR,
    /** Food, used for play. */
    FOOD,
    /** Coloured food that is no longer food. */
    DYED,
    /** Soil, sand or anything from out of doors. */
    SOIL,
    /** Sand or soil that lies out of doors. */
    OUTDOOR_SAND,
    /** Potting compost. */
    COMPOST,
    /** Worms, snails, woodlice and other animals. */
    MINIBEASTS,
    /** Yew, laburnum, foxglove and the like. */
    TOXIC_PLANT,
    /** Daffodil or hyacinth bulbs, ivy, rhubarb leaf and the like. */
    IRRITANT_PLANT,
    /** Castor or rosary pea. */
    TOXIC_SEED,
    /** Seeds and beans for sowing. */
    PLANT_SEED,
    /** Seed with a coloured coating. */
    TREATED_SEED,
    /** Hollow stems of wild plants. */
    HOLLOW_STEM,
    /** Broad or fava bean. */
    BROAD_BEAN,
    /** Sprouted beans and seeds. */
    SPROUTS,
    /** Cones, shells, sticks, leaves. */
    NATURAL,
    /** Wood that can splinter. */
    ROUGH_WOOD,
    /** Made in the setting, not bought as a toy. */
    HOME_MADE,
    /** A rattle or shaker with something inside. */
    SHAKER,
    /** Crates, planks and ladders that children climb. */
    CLIMBED,
    /** Rigid holes that a finger goes into. */
    HOLES,
    /** A marble. */
    MARBLE,
    /** Shared dough, slime or wet starch. */
    MALLEABLE,
    /** Starch mixed with water. */
    STARCH_MIX,
    /** Makes the floor slippery. */
    SLIPPERY,
    /** Soap or washing-up liquid. */
    SOAP,
    /** Alcohol or hand gel, as for drying dye. */
    ALCOHOL,
    /** Scent or essential oil. */
    SCENT,
    /** Perlite, vermiculite: dust that harms lungs. */
    LUNG_DUST,
    /** Fine powder that hangs in the air. */
    DUST,
    /** Leaves colour on hands and clothes. */
    STAINS,
    /** Cold enough to hurt bare skin in time. */
    ICE,
    /** Soft: a mouth presses it to about half its size. */
    SQUEEZES_TO_A_HALF,
    /** Very soft: a mouth presses it to about a quarter of its size. */
    SQUEEZES_TO_A_QUARTER,
    /** Cork, feather, foam, bark: bits come off. */
    SHEDS_BITS,
    /** Powder, paste, or grain under 1 mm: no single piece. */
    FINE,
    /** A glow stick. */
    GLOW_STICK,
    /** Superabsorbent gel, nappy filling, instant snow. */
    SUPERABSORBENT,
    /** Talc and powders that are breathed in. */
    TALC,
    /** Loose sand. */
    SAND,
    /** Polystyrene. */
    POLYSTYRENE,
    /** Undiluted essential oil. */
    ESSENTIAL_OIL,
    /** Laundry or dishwasher capsule. */
    DETERGENT_CAPSULE,
    /** A closed bottle in which gas builds up. */
    GAS_IN_BOTTLE,
    /** A device on a mains lead. */
    MAINS_LEAD,
    /** Needles, pins, drawing pins, staples. */
    SHARP_POINT,
    /** Rubber bands. */
    RUBBER_BAND,
    /** Egg boxes and egg shells. */
    EGG_BOX,
    /** Feathers of wild birds. */
    WILD_FEATHER,
    /** Hay and straw, and whatever can be mouldy. */
    HAY,
    /** Water from a pond, a butt or a puddle. */
    POND_WATER,
    /** Long grass and leaf litter, where ticks are. */
    TICKS,
    /** Fungi. */
    FUNGI,
    /** Berries of wild or garden plants. */
    WILD_BERRIES,
    /** Somebody went through the lists: what is not ticked does not apply. */
    LOOKED_THROUGH;

    /** What it is called. */
    public Said said() {
        return Said.of("trait." + name());
    }

    /** For people. */
    public String words() {
        return said().words();
    }
}
