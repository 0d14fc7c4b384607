package app.carder.web.card;

import app.carder.core.batch.Spoonfuls;
import app.carder.core.card.PutOut;
import app.carder.core.card.SetOutGate;
import app.carder.core.practice.GrainAdvice;
import app.carder.core.safety.Finding;
import app.carder.core.said.Said;
import app.carder.core.vessel.Containment;
import app.carder.core.vessel.Fill;
import app.carder.core.vessel.FillPlan;
import app.carder.core.vessel.VesselDrawing;
import app.carder.web.children.PegMark;
import app.carder.web.kits.KitView;
import app.carder.web.material.MaterialView;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;

/**
 * What the margin of a card shows.
 *
 * @param picture how it looks set out, as SVG; absent where there is nothing to draw yet
 * @param drawing of the vessel
 * @param amounts of what is poured; absent where there is nothing to work out
 * @param plan of its use; absent where there is nothing to work out
 * @param containment what keeps it in its place
 * @param pieces of what is counted
 * @param levels the other way round: packs to depth
 * @param advice of the room's practice style
 * @param gate the safety check, and what it holds
 * @param kit that the card asks for; its contents are in reach and in the safety check
 * @param cost of everything that is put out
 * @param usedUp paper, glue and the like, for each child and a year
 * @param keeping what is prepared and keeps for some days only
 * @param ids of what is put out, by name
 * @param lookedAt names of the children that it was checked against
 * @param marks of their pegs, by the words that findings name them with
 * @param attending whether those attend on the day; else they are all of the room, as nobody attends
 * @param on the day
 */
public record BenchView(
        Optional<String> picture,
        Optional<VesselDrawing> drawing,
        Optional<Fill.Amounts> amounts,
        Optional<FillPlan.Plan> plan,
        Optional<Containment> containment,
        List<Pieces> pieces,
        List<PackLevel> levels,
        List<GrainAdvice> advice,
        SetOutGate gate,
        Optional<KitView> kit,
        PutOut.Cost cost,
        List<PutOut.UsedUp> usedUp,
        List<MaterialView> keeping,
        Map<String, UUID> ids,
        List<String> lookedAt,
        Map<String, PegMark> marks,
        boolean attending,
        LocalDate on) {

    private static final int MOST_NAMED = 6;

    /**
     * What is counted.
     *
     * @param materialId in the cupboard
     * @param name of the material
     * @param count how many, for all vessels
     * @param missing what the stock does not cover
     * @param stockKnown whether the stock is written down
     */
    public record Pieces(UUID materialId, String name, int count, int missing, boolean stockKnown) {}

    /**
     * How deep packs lie.
     *
     * @param row of the form where it was asked
     * @param name of the material
     * @param packs how many
     * @param level what they give
     */
    public record PackLevel(int row, String name, int packs, Fill.Level level) {
        /** The depth that the packs are sure to reach, as it is typed: in centimetres. */
        public String depthToType() {
            return level.sureDepth().exactCentimetres().toPlainString();
        }
    }

    /** An amount in cups and spoons. */
    public String inCups(Fill.Amount amount) {
        return Spoonfuls.nearest(amount.volume()).forPeople();
    }

    /** What the check found. */
    public List<Finding> findings() {
        return gate.findings();
    }

    /** Whether it may not be set out at all. */
    public boolean isForbidden() {
        return gate.isForbidden();
    }

    /** Whether it may be set out only with a reason. */
    public boolean needsReason() {
        return gate.needsReason();
    }

    /** Whether it needs a named adult. */
    public boolean needsAdult() {
        return gate.needsAdult();
    }

    /** How many things were not known. */
    public long notKnown() {
        return findings().stream().filter(finding -> finding.gap().isPresent()).count();
    }

    /** Who was looked at: the names where they are few, else how many. */
    public String lookedAtWords() {
        if (lookedAt.isEmpty()) {
            return Said.say("card.nobody-as-no-child-is-written");
        }
        return lookedAt.size() <= MOST_NAMED
                ? String.join(", ", lookedAt)
                : Said.say("card.the-children", lookedAt.size());
    }
}
