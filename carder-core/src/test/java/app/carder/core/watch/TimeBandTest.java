package app.carder.core.watch;

import static app.carder.core.watch.EpisodesTest.at;
import static app.carder.core.watch.EpisodesTest.tap;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.carder.core.watch.TimeBand.Bar;
import app.carder.core.watch.TimeBand.Fill;
import app.carder.core.watch.TimeBand.Shape;
import app.carder.core.watch.TimeBand.Tick;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class TimeBandTest {

    @Test
    void drawsPlayOverAwayToScale() {
        TimeBand band = TimeBand.of(
                List.of(
                        tap(100, PlayKind.INVITED),
                        tap(200, PlayKind.ENGAGED),
                        tap(500, PlayKind.ADULT_BROKE_IN),
                        tap(600, PlayKind.WENT_BACK),
                        tap(800, PlayKind.LEFT)),
                at(0),
                at(1000));

        assertThat(band.bars())
                .containsExactly(
                        new Bar(Fill.AWAY, 100, 700), new Bar(Fill.PLAY, 200, 300), new Bar(Fill.PLAY, 600, 200));
        assertThat(band.ticks()).contains(new Tick(PlayKind.ADULT_BROKE_IN, 500));
    }

    @Test
    void cutsWhatLiesOutside() {
        assertThat(TimeBand.of(List.of(tap(0, PlayKind.CHOSE)), at(500), at(1000))
                        .bars())
                .containsExactly(new Bar(Fill.AWAY, 0, 1000), new Bar(Fill.PLAY, 0, 1000));
    }

    @Test
    void oneThatIsStillRunningLeavesTheRestOfItsWidthEmpty() {
        TimeBand band = TimeBand.of(List.of(tap(0, PlayKind.CHOSE)), at(0), at(250), at(1000));

        assertThat(band.bars()).contains(new Bar(Fill.PLAY, 0, 250));
    }

    @Test
    void aTapThatBouncedIsOneStroke() {
        TimeBand band = TimeBand.of(List.of(tap(100, PlayKind.CHOSE), tap(101, PlayKind.CHOSE)), at(0), at(1000));

        assertThat(band.ticks()).containsExactly(new Tick(PlayKind.CHOSE, 100));
    }

    @Test
    void isDrawnFromTheGroundUpWithInterruptionsThatStandOut() {
        TimeBand band =
                TimeBand.of(List.of(tap(200, PlayKind.CHOSE), tap(500, PlayKind.ADULT_BROKE_IN)), at(0), at(1000));

        assertThat(band.shapes())
                .containsExactly(
                        new Shape("ground", 0, 0, 1000, 60, Optional.empty()),
                        new Shape("away", 200, 22, 800, 16, Optional.empty()),
                        new Shape("play", 200, 8, 300, 44, Optional.empty()),
                        new Shape("tick chose", 198, 0, 5, 60, Optional.of(PlayKind.CHOSE)),
                        new Shape("tick adult_broke_in", 493, 0, 14, 60, Optional.of(PlayKind.ADULT_BROKE_IN)));
        assertThat(band.shapes()).extracting(Shape::words).containsExactly("", "", "", "Chose it", "Adult interrupted");
    }

    @Test
    void mustLast() {
        assertThatThrownBy(() -> TimeBand.of(List.of(), at(5), at(5)))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageStartingWith("A band must end after it begins");
    }
}
