package app.carder.exchange.json;

import app.carder.core.said.Refused;
import com.fasterxml.jackson.annotation.JsonAlias;
import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonInclude.Include;
import java.math.BigDecimal;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/**
 * Cards as a file that settings swap; the schema is docs/card-file.schema.json. Lengths are millimetres, volumes
 * millilitres. What is left out of the file is empty here.
 *
 * @param format always {@link #FORMAT}
 * @param version of the format, 1
 * @param framework code of the framework that areas and statements belong to
 * @param materials what the cards put out, as rows of the cupboard's table
 * @param cards the cards
 */
@JsonInclude(Include.NON_EMPTY)
public record CardFile(
        String format, int version, String framework, List<Map<String, String>> materials, List<Card> cards) {

    /** The name of the format. */
    public static final String FORMAT = "carder-cards";

    /** The version that is written, and the newest that is read. */
    public static final int VERSION = 1;

    private static final int MOST_CARDS = 500;
    private static final JsonMapper MAPPER = JsonMapper.builder()
            .enable(SerializationFeature.INDENT_OUTPUT)
            .disable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
            .disable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
            .build();

    /** Takes what is left out as empty. */
    public CardFile {
        format = words(format);
        framework = words(framework);
        materials = list(materials).stream().map(CardFile::cells).toList();
        cards = list(cards);
    }

    /**
     * One card.
     *
     * @param title in a few words
     * @param intention what it invites children to do
     * @param adultRole what the adult does
     * @param adultLoad RUNS_BY_ITSELF, NEAR or HANDS_ON
     * @param difficulty from 1, easy, to 5, hard
     * @param words to offer
     * @param mightSee what an adult might see
     * @param atHome what a family can try at home
     * @param place where it is set out
     * @param areas codes
     * @param statements codes
     * @param senses codes
     * @param features codes
     * @param vessel that holds the fills
     * @param inner a vessel inside it
     * @param put what is put out
     * @param units METRIC or HOUSEHOLD
     * @param use how it is used
     * @param ladder its steps, easier and harder; older files call them rungs
     * @param steps of its preparation
     * @param calculations kept with it; older files call them reckonings
     * @param kit that a child fetches; absent where there is none
     * @param layout how it is laid out; absent where nobody chose
     */
    @JsonInclude(Include.NON_EMPTY)
    public record Card(
            String title,
            String intention,
            String adultRole,
            String adultLoad,
            @Nullable Integer difficulty,
            String words,
            String mightSee,
            String atHome,
            String place,
            List<String> areas,
            List<String> statements,
            List<String> senses,
            List<String> features,
            @Nullable Holder vessel,
            @Nullable Holder inner,
            List<Put> put,
            String units,
            @Nullable Use use,
            @JsonAlias("rungs") List<LadderStep> ladder,
            List<Step> steps,
            @JsonAlias("reckonings") List<Kept> calculations,
            @Nullable Kit kit,
            @Nullable Layout layout) {
        /** Takes what is left out as empty. */
        public Card {
            title = line(title);
            intention = CardFile.words(intention);
            adultRole = CardFile.words(adultRole);
            adultLoad = CardFile.words(adultLoad);
            words = CardFile.words(words);
            mightSee = CardFile.words(mightSee);
            atHome = CardFile.words(atHome);
            place = line(place);
            areas = list(areas);
            statements = list(statements);
            senses = list(senses);
            features = list(features);
            put = list(put);
            units = CardFile.words(units);
            ladder = list(ladder);
            steps = list(steps);
            calculations = list(calculations);
        }
    }

    /**
     * How a card is laid out.
     *
     * @param arrangement ROW, RING, SLOTS, HEAP, PAIRS or FREE; empty for the usual one
     * @param hand RIGHT or LEFT: where tools lie
     * @param places of pieces that were moved by hand
     */
    @JsonInclude(Include.NON_EMPTY)
    public record Layout(String arrangement, String hand, List<Place> places) {
        /** Takes what is left out as empty. */
        public Layout {
            arrangement = words(arrangement);
            hand = words(hand);
            places = list(places);
        }
    }

    /**
     * Where a piece was put.
     *
     * @param material code
     * @param number among its kind, from 1
     * @param xMm of its middle, from the left edge of the tray
     * @param yMm of its middle, downwards from the upper edge
     * @param turn in degrees
     * @param group what is moved together has one number; 0 for none
     */
    public record Place(String material, int number, BigDecimal xMm, BigDecimal yMm, int turn, int group) {
        /** Takes what is left out as empty. */
        public Place {
            material = words(material);
            xMm = xMm == null ? BigDecimal.ZERO : xMm;
            yMm = yMm == null ? BigDecimal.ZERO : yMm;
        }
    }

    /**
     * A vessel.
     *
     * @param shape code
     * @param firstMm length, across, or across the floor
     * @param secondMm width, or across the rim
     * @param depthMm inside depth
     * @param holdsMl for a stated volume
     */
    @JsonInclude(Include.NON_NULL)
    public record Holder(
            String shape,
            @Nullable BigDecimal firstMm,
            @Nullable BigDecimal secondMm,
            @Nullable BigDecimal depthMm,
            @Nullable BigDecimal holdsMl) {
        /** Takes what is left out as empty. */
        public Holder {
            shape = words(shape);
        }
    }

    /**
     * A material on the card.
     *
     * @param material code in the file
     * @param depthMm of a fill
     * @param pieces of what is counted
     */
    @JsonInclude(Include.NON_NULL)
    public record Put(
            String material,
            @Nullable BigDecimal depthMm,
            @Nullable Integer pieces) {
        /** Takes what is left out as empty. */
        public Put {
            material = line(material);
        }
    }

    /** How it is used; see the core's plan of a fill. What is left out is as on a new card. */
    public record Use(
            @Nullable Integer vessels,
            @Nullable Integer spillPercent,
            @Nullable Integer children,
            @Nullable Integer sessionsPerFill,
            @Nullable Integer sessionsPerYear) {}

    /**
     * A step of the ladder.
     *
     * @param step code; older files call it rung
     * @param sign by which it shows that a child is ready
     * @param note what else changes
     * @param amountPercent of the card's
     * @param replaced code in the file
     * @param replacement code in the file
     */
    @JsonInclude(Include.NON_EMPTY)
    public record LadderStep(
            @JsonAlias("rung") String step,
            String sign,
            String note,
            int amountPercent,
            String replaced,
            String replacement) {
        /** Takes what is left out as empty. */
        public LadderStep {
            step = words(step);
            sign = line(sign);
            note = words(note);
            replaced = words(replaced);
            replacement = words(replacement);
        }
    }

    /**
     * A step of the preparation.
     *
     * @param name in a few words
     * @param handsOnMinutes of a turn
     * @param waitingMinutes afterwards
     * @param doneBy ADULT or CHILDREN
     * @param turns one after another
     * @param after positions of earlier steps, from 1
     */
    public record Step(
            String name, int handsOnMinutes, int waitingMinutes, String doneBy, int turns, List<Integer> after) {
        /** Takes what is left out as empty. */
        public Step {
            name = line(name);
            doneBy = words(doneBy);
            after = list(after);
        }
    }

    /**
     * A calculation.
     *
     * @param tool code
     * @param inputs what was typed
     * @param things what it is made of, or the pieces of its game: codes in the file
     */
    @JsonInclude(Include.NON_EMPTY)
    public record Kept(String tool, Map<String, String> inputs, List<String> things) {
        /** Takes what is left out as empty. */
        public Kept {
            tool = words(tool);
            inputs = cells(inputs);
            things = list(things).stream().map(CardFile::words).toList();
        }
    }

    /**
     * A kit.
     *
     * @param name on the bucket
     * @param things in it
     */
    public record Kit(String name, List<KitThing> things) {
        /** Takes what is left out as empty. */
        public Kit {
            name = line(name);
            things = list(things);
        }
    }

    /**
     * So many of one thing in a kit.
     *
     * @param material code in the file
     * @param pieces how many
     */
    public record KitThing(String material, int pieces) {
        /** Takes what is left out as empty. */
        public KitThing {
            material = line(material);
        }
    }

    /** Cards of one framework, as a file. */
    public static String write(String framework, List<Map<String, String>> materials, List<Card> cards) {
        return MAPPER.writeValueAsString(new CardFile(FORMAT, VERSION, framework, materials, cards));
    }

    /**
     * Reads a file.
     *
     * @throws IllegalArgumentException if it is not of the format, of a newer version, or holds too many cards
     */
    public static CardFile read(String json) {
        @Nullable CardFile file;
        try {
            file = MAPPER.readValue(json, CardFile.class);
        } catch (JacksonException broken) {
            throw Refused.because("refused.card-file.no-cards", Unreadable.where(broken))
                    .from(broken);
        }
        if (file == null || !FORMAT.equals(file.format())) {
            throw Refused.because("refused.card-file.the-file-must", FORMAT, file == null ? "" : file.format());
        }
        if (file.version() < 1 || file.version() > VERSION) {
            throw Refused.because("refused.card-file.the-file-must-2", VERSION, file.version());
        }
        if (file.cards().size() > MOST_CARDS) {
            throw Refused.because(
                    "refused.card-file.a-file-may", MOST_CARDS, file.cards().size());
        }
        return file;
    }

    /** Without control characters, which no form lets in and a database may refuse. */
    private static String words(@Nullable String text) {
        return Objects.requireNonNullElse(text, "")
                .replaceAll("[\\p{Cc}&&[^\\n]]", "")
                .strip();
    }

    /** The same on one line, as the field is that shows it. */
    private static String line(@Nullable String text) {
        return words(text).replace('\n', ' ');
    }

    private static Map<String, String> cells(@Nullable Map<String, String> map) {
        Map<String, String> cells = new LinkedHashMap<>();
        Objects.requireNonNullElse(map, Map.<String, String>of())
                .forEach((name, cell) -> cells.put(words(name), words(cell)));
        return Collections.unmodifiableMap(cells);
    }

    private static <T> List<T> list(@Nullable List<T> list) {
        return list == null ? List.of() : list.stream().filter(Objects::nonNull).toList();
    }
}
