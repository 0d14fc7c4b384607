package app.carder.core.room;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.carder.core.room.RoomPlan.Posture;
import app.carder.core.room.RoomPlan.Wall;
import app.carder.core.said.TimeLimit;
import java.util.List;
import org.junit.jupiter.api.Test;

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

    @Test
    void refusesARoomWithoutZonesAndNoAdults() {
        assertThatThrownBy(() ->
                        SpotProposal.of(TestPlans.empty(5000, 5000), 1, Posture.SEATED, Play.FLOOR, TimeLimit.none()))
                .hasMessage("The plan needs a zone to look at and free floor to stand on.");
        assertThatThrownBy(() -> SpotProposal.of(ROOM, 0, Posture.SEATED, Play.FLOOR, TimeLimit.none()))
                .hasMessage("There must be 1 to 8 adults; this says 0.");
    }
}
