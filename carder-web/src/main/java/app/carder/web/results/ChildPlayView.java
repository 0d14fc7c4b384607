package app.carder.web.results;

import app.carder.core.drawing.Sketch;
import app.carder.core.said.Said;
import app.carder.core.statistics.Wilson;
import app.carder.core.watch.Listening;
import app.carder.core.watch.Movement;
import app.carder.core.watch.PlaySummary;
import app.carder.core.watch.PlayTrend;
import app.carder.core.watch.ShareBands;
import app.carder.core.watch.TimeBand;
import app.carder.web.children.ChildView;
import java.time.Duration;
import java.time.LocalDateTime;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * A child's play over the last weeks, compared with nobody else.
 *
 * @param child who
 * @param weeks how many weeks are looked at
 * @param records times of watching, the latest first
 * @param summary of all episodes
 * @param trend of the longest stretch of each day, where there is enough
 * @param places where play happened, the longest first
 * @param movement of all paths, where there are any
 * @param walked the same on the plans of the room; none where there is no plan or no path
 * @param looks shares of activities, where there are enough looks
 * @param lookCount how many looks there are
 * @param counts tallies, tries and scores in words, the latest first
 * @param heard what was heard, the latest first
 * @param listening counts of it
 * @param agreements how far two people who watched the same agree, in words
 */
record ChildPlayView(
        ChildView child,
        int weeks,
        List<Record> records,
        PlaySummary summary,
        Optional<PlayTrend> trend,
        List<Place> places,
        Optional<Movement<String>> movement,
        List<Sketch> walked,
        List<Share> looks,
        int lookCount,
        List<Counted> counts,
        List<Heard> heard,
        Listening listening,
        List<String> agreements) {

    /** Shares of the activities that were seen, as bands, the largest first; absent where there are too few looks. */
    public Optional<Sketch> lookBands() {
        List<ShareBands.Band> seen = looks.stream()
                .filter(look -> look.share().hits() > 0)
                .map(look -> new ShareBands.Band(look.activity(), look.share()))
                .sorted(Comparator.comparing(
                                (ShareBands.Band band) -> band.share().share())
                        .reversed())
                .toList();
        return seen.isEmpty()
                ? Optional.empty()
                : Optional.of(ShareBands.of(Said.say("results.child.what-the-time-samples-show"), seen));
    }

    /**
     * A time of watching.
     *
     * @param at when it began
     * @param card title; empty where there was none
     * @param author who watched
     * @param length from begin to end
     * @param band to draw
     * @param summary of its episodes
     */
    record Record(LocalDateTime at, String card, String author, Duration length, TimeBand band, PlaySummary summary) {}

    /** Where play happened, how long and how many episodes. */
    record Place(String name, Duration engaged, int episodes) {}

    /** How often an activity was seen, and between which shares that lies. */
    record Share(String activity, Wilson share) {}

    /** Something that was counted, and the same to look at where it can be. */
    record Counted(LocalDateTime at, String words, Optional<Sketch> dots) {}

    /** Something that was heard. */
    record Heard(LocalDateTime at, String words, String language) {}
}
