package app.carder.core.room;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.carder.core.room.RoomPlan.Posture;
import app.carder.core.room.RoomPlan.Wall;
import app.carder.core.said.TimeLimit;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.locationtech.jts.geom.Coordinate;

class SpotProposalTest {

    private static final RoomPlan ROOM = TestPlans.with(
            TestPlans.empty(6000, 4000),
            List.of(TestPlans.zone("Room", ZoneKind.FLOOR, 3000, 2000, 6000, 4000)),
            List.of(),
            List.of());

    @Test
    void oneAdultIsEnoughForAnEmptyRoom() {
        SpotProposal proposal = SpotProposal.of(ROOM, 3, Posture.STANDING, Play.FLOOR, TimeLimit.none());

        assertThat(proposal.spots()).as("more would add nothing").hasSize(1);
        assertThat(proposal.seenPercent()).containsExactly(100);
        assertThat(proposal.atMostPercent()).isEqualTo(100);
    }

    @Test
    void twoChambersTakeTwoAdults() {
        RoomPlan walled = new RoomPlan(
                ROOM.place(),
                ROOM.outline(),
                900,
                List.of(new Wall("w", new Point(2000, 0), new Point(2000, 4000))),
                List.of(),
                ROOM.zones(),
                List.of(),
                List.of());

        SpotProposal one = SpotProposal.of(walled, 1, Posture.STANDING, Play.FLOOR, TimeLimit.none());
        SpotProposal two = SpotProposal.of(walled, 2, Posture.STANDING, Play.FLOOR, TimeLimit.none());

        assertThat(one.spots().get(0).at().xMm()).as("the larger one").isGreaterThan(2000);
        assertThat(one.seenPercent().get(0)).isBetween(62, 70);
        assertThat(one.atMostPercent())
                .as("one place found greedily is the best one")
                .isEqualTo(one.seenPercent().get(0) + 1);
        assertThat(two.seenPercent()).last().isEqualTo(100);
    }

    /** 1 - (1 - 1/k)^k for k = 1, 2, 3: 100, 75 and 70.37 per cent (Nemhauser, Wolsey and Fisher 1978; values from arithmetic). */
    @Test
    void statesWhatTheMethodPromises() {
        assertThat(List.of(1, 2, 3).stream()
                        .map(k -> SpotProposal.of(ROOM, k, Posture.STANDING, Play.FLOOR, TimeLimit.none())
                                .guaranteePercent()))
                .containsExactly(100, 75, 70);
    }

    @Test
    void greedyPlacesSeeWhatTheirBoundSaysInAFullRoom() {
        SpotProposal proposal = SpotProposal.of(TestPlans.large(5), 3, Posture.STANDING, Play.FLOOR, TimeLimit.none());

        assertThat(proposal.seenPercent()).isSorted().hasSize(3);
        assertThat(proposal.atMostPercent()).isBetween(proposal.seenPercent().get(2), 100);
        assertThat(proposal.spots()).allSatisfy(spot -> {
            assertThat(spot.at().xMm()).isBetween(0, 12_000);
            assertThat(spot.at().yMm()).isBetween(0, 9000);
        });
    }

    /** Against each look by itself, from eyes that stand and sit, in rooms full of furniture with a wall through them. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5})
    void whatAPlaceSeesIsWhatNothingHidesLookByLook(long seed) {
        RoomPlan plan = TestPlans.large(seed);
        List<Shadow> casters = new ArrayList<>(Shadow.casters(plan));
        casters.addAll(Shadow.casters(new RoomPlan(
                plan.place(),
                plan.outline(),
                900,
                List.of(new Wall("w", new Point(5000, 1000), new Point(7000, 8000))),
                List.of(),
                plan.zones(),
                List.of(),
                List.of())));
        List<Coordinate> points = new ArrayList<>();
        for (int y = 97; y < 9000; y += 211) {
            for (int x = 53; x < 12_000; x += 203) {
                points.add(new Coordinate(x, y));
            }
        }
        Random random = new Random(seed);
        long all = 0;
        for (int eyes = 0; eyes < 20; eyes++) {
            Coordinate eye = new Coordinate(random.nextInt(12_000) + 0.5, random.nextInt(9000) + 0.25);
            int eyeMm = Posture.values()[eyes % 2].eyeMm();
            int targetMm = Play.values()[eyes % Play.values().length].heightMm();

            BitSet seen = SpotProposal.seen(eye, eyeMm, SpotProposal.Rows.of(points), targetMm, casters, 15_000);

            for (int at = 0; at < points.size(); at++) {
                Coordinate point = points.get(at);
                assertThat(seen.get(at))
                        .as("%s from %s at %d", point, eye, eyeMm)
                        .isEqualTo(casters.stream().noneMatch(caster -> caster.hides(eye, eyeMm, point, targetMm)));
            }
            all += seen.cardinality();
        }
        assertThat(all / (20.0 * points.size()))
                .as("part of it all that is seen")
                .isBetween(0.05, 0.95);
    }

    @Test
    void refusesARoomWithoutZonesAndNoAdults() {
        assertThatThrownBy(() ->
                        SpotProposal.of(TestPlans.empty(5000, 5000), 1, Posture.SEATED, Play.FLOOR, TimeLimit.none()))
                .hasMessage("The plan needs a zone to look at and free floor to stand on.");
        assertThatThrownBy(() -> SpotProposal.of(ROOM, 0, Posture.SEATED, Play.FLOOR, TimeLimit.none()))
                .hasMessage("There must be 1 to 8 adults; this says 0.");
    }
}
