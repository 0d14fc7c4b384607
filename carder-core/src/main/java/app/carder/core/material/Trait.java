package app.carder.core.material;

/** A property of a material that a safety rule looks at. */
public enum Trait {
    /** Liquid water, or melting to it. */
    WATER("water"),
    /** Water warmed for play. */
    WARM_WATER("warm water"),
    /** A pulse that makes ill when raw. */
    TOXIC_RAW_PULSE("ill-making raw pulse"),
    /** A dried pulse or seed that swells when wet. */
    SWELLS("swells when wet"),
    /** A thing sold to grow in water. */
    EXPANDING("expanding toy"),
    /** Enough salt to harm when eaten. */
    SALT("salty"),
    /** Dough of which a third is salt. */
    SALT_DOUGH("salt dough"),
    /** Uncooked flour. */
    RAW_FLOUR("raw flour"),
    /** Absorbent polymer beads. */
    WATER_BEADS("water beads"),
    /** A strong magnet that is not sealed in. */
    LOOSE_MAGNET("loose strong magnet"),
    /** A magnet that is sealed in. */
    SEALED_MAGNET("sealed magnet"),
    /** A button or coin cell that can be reached. */
    COIN_CELL("loose coin cell"),
    /** A thing with a battery in it. */
    BATTERY("battery inside"),
    /** A balloon, uninflated or in pieces. */
    BALLOON("balloon"),
    /** String, lace or ribbon; its length is the longest measure. */
    CORD("cord"),
    /** A cord or strap that is closed to a loop. */
    LOOP("loop"),
    /** A thing that is pulled along by a cord. */
    PULL_CORD("pulled by a cord"),
    /** Thin plastic film or bag. */
    PLASTIC_FILM("plastic film or bag"),
    /** Metal foil. */
    FOIL("foil"),
    /** Laminated card. */
    LAMINATED("laminated"),
    /** Loose plastic glitter. */
    GLITTER("loose glitter"),
    /** Borax or another borate. */
    BORAX("borax"),
    /** Glass that can break. */
    GLASS("glass"),
    /** Scissors or snips. */
    SCISSORS("scissors"),
    /** A candle or another naked flame. */
    FLAME("flame"),
    /** Hot enough to hurt, or heated to be used. */
    HOT("hot"),
    /** Bare metal that the sun heats. */
    METAL("bare metal"),
    /** A light that flashes. */
    FLASHING("flashing light"),
    /** A laser. */
    LASER("laser"),
    /** An ultraviolet lamp. */
    UV_LAMP("ultraviolet lamp"),
    /** Plaster of Paris. */
    PLASTER("plaster"),
    /** Whole round food: grapes, cherry tomatoes, large berries. */
    ROUND_FOOD("round food"),
    /** Whole nuts, acorns or conkers. */
    NUTS("whole nuts"),
    /** Popcorn, marshmallows, jelly cubes, hard sweets. */
    CHOKING_FOOD("popcorn, marshmallow and the like"),
    /** Raw carrot or apple in chunks. */
    HARD_FOOD("hard raw food"),
    /** Sausage, or food cut into coins. */
    COIN_FOOD("sausage"),
    /** Honey. */
    HONEY("honey"),
    /** Sugar or syrup. */
    SUGAR("sugary"),
    /** Food, used for play. */
    FOOD("food"),
    /** Coloured food that is no longer food. */
    DYED("dyed"),
    /** Soil, sand or anything from out of doors. */
    SOIL("from out of doors"),
    /** Sand or soil that lies out of doors. */
    OUTDOOR_SAND("sand or soil out of doors"),
    /** Potting compost. */
    COMPOST("compost"),
    /** Worms, snails, woodlice and other animals. */
    MINIBEASTS("minibeasts"),
    /** Yew, laburnum, foxglove and the like. */
    TOXIC_PLANT("very poisonous plant"),
    /** Daffodil or hyacinth bulbs, ivy, rhubarb leaf and the like. */
    IRRITANT_PLANT("irritating plant"),
    /** Castor or rosary pea. */
    TOXIC_SEED("very poisonous seed"),
    /** Seeds and beans for sowing. */
    PLANT_SEED("seed for sowing"),
    /** Seed with a coloured coating. */
    TREATED_SEED("treated seed"),
    /** Hollow stems of wild plants. */
    HOLLOW_STEM("hollow plant stem"),
    /** Broad or fava bean. */
    BROAD_BEAN("broad bean"),
    /** Sprouted beans and seeds. */
    SPROUTS("sprouts"),
    /** Cones, shells, sticks, leaves. */
    NATURAL("found in nature"),
    /** Wood that can splinter. */
    ROUGH_WOOD("rough wood"),
    /** Made in the setting, not bought as a toy. */
    HOME_MADE("home-made"),
    /** A rattle or shaker with something inside. */
    SHAKER("shaker"),
    /** Crates, planks and ladders that children climb. */
    CLIMBED("climbed on"),
    /** Rigid holes that a finger goes into. */
    HOLES("holes for fingers"),
    /** A marble. */
    MARBLE("marble"),
    /** Shared dough, slime or wet starch. */
    MALLEABLE("shared dough or slime"),
    /** Starch mixed with water. */
    STARCH_MIX("starch and water"),
    /** Makes the floor slippery. */
    SLIPPERY("slippery when spilt"),
    /** Soap or washing-up liquid. */
    SOAP("soap"),
    /** Alcohol or hand gel, as for drying dye. */
    ALCOHOL("alcohol"),
    /** Scent or essential oil. */
    SCENT("scent"),
    /** Perlite, vermiculite: dust that harms lungs. */
    LUNG_DUST("harmful dust"),
    /** Fine powder that hangs in the air. */
    DUST("fine dust"),
    /** Leaves colour on hands and clothes. */
    STAINS("stains"),
    /** Cold enough to hurt bare skin in time. */
    ICE("ice"),
    /** Soft: a mouth presses it to about half its size. */
    SQUEEZES_TO_A_HALF("soft: can be squeezed to half its size"),
    /** Very soft: a mouth presses it to about a quarter of its size. */
    SQUEEZES_TO_A_QUARTER("very soft: can be squeezed to a quarter of its size"),
    /** Cork, feather, foam, bark: bits come off. */
    SHEDS_BITS("bits come off"),
    /** Powder, paste, or grain under 1 mm: no single piece. */
    FINE("powder, paste or grain under 1 mm"),
    /** A glow stick. */
    GLOW_STICK("glow stick"),
    /** Superabsorbent gel, nappy filling, instant snow. */
    SUPERABSORBENT("absorbent gel or instant snow"),
    /** Talc and powders that are breathed in. */
    TALC("talc"),
    /** Loose sand. */
    SAND("sand"),
    /** Polystyrene. */
    POLYSTYRENE("polystyrene"),
    /** Undiluted essential oil. */
    ESSENTIAL_OIL("undiluted essential oil"),
    /** Laundry or dishwasher capsule. */
    DETERGENT_CAPSULE("laundry or dishwasher capsule"),
    /** A closed bottle in which gas builds up. */
    GAS_IN_BOTTLE("closed bottle that builds up gas"),
    /** A device on a mains lead. */
    MAINS_LEAD("mains lead"),
    /** Needles, pins, drawing pins, staples. */
    SHARP_POINT("needles or pins"),
    /** Rubber bands. */
    RUBBER_BAND("rubber band"),
    /** Egg boxes and egg shells. */
    EGG_BOX("egg box or egg shell"),
    /** Feathers of wild birds. */
    WILD_FEATHER("feather of a wild bird"),
    /** Hay and straw, and whatever can be mouldy. */
    HAY("hay or straw"),
    /** Water from a pond, a butt or a puddle. */
    POND_WATER("pond, butt or puddle water"),
    /** Long grass and leaf litter, where ticks are. */
    TICKS("from long grass or leaf litter"),
    /** Fungi. */
    FUNGI("fungi"),
    /** Berries of wild or garden plants. */
    WILD_BERRIES("wild or garden berries"),
    /** Somebody went through the lists: what is not ticked does not apply. */
    LOOKED_THROUGH("looked through: what is not ticked does not apply");

    private final String words;

    Trait(String words) {
        this.words = words;
    }

    /** For people. */
    public String words() {
        return words;
    }
}
