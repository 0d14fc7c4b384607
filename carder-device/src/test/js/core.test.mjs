// The translated core against numbers worked out by hand in the core's own tests.
import test from "node:test";
import assert from "node:assert/strict";
import * as core from "../../../target/classes/static/shipped/js/core.mjs";

const NINE = Date.UTC(2026, 4, 6, 9);
const id = number => `01900000-0000-7000-8000-${String(number).padStart(12, "0")}`;
const tap = (number, second, kind) => ({id: id(number), at: NINE + second * 1000, entry: "TAP", kind});
const language = {
  code: "en", signs: ["smil*"], base: 206.835, perSentence: 1.015, perWord: 84.6, vowels: "aeiouy", silentE: true,
  watched: [{pattern: "lazy", reason: "LABEL", instead: "sat for 6 min"}, {pattern: "happy", reason: "FEELING", instead: "hummed"}],
};

test("taps become the episodes of the worked example: 153 s in four bouts, the longest 85 s", () => {
  const log = [[5, "CHOSE"], [50, "LEFT"], [95, "WENT_BACK"], [110, "LEFT"], [130, "WENT_BACK"], [215, "LEFT"],
    [262, "WENT_BACK"], [270, "LEFT"]].map(([second, kind], at) => tap(at, second, kind));
  const record = core.record(log, NINE, NINE + 300_000);
  assert.equal(record.episodes, 4);
  assert.equal(record.engaged, 153_000);
  assert.equal(record.longest, 85_000);
  assert.deepEqual(record.bars.filter(bar => bar.fill === "PLAY").map(bar => [bar.start, bar.width])[0], [16, 150]);
});

test("a tap that was taken back does not count, one with another time moves", () => {
  const log = [tap(1, 0, "CHOSE"), tap(2, 60, "LEFT"), {id: id(3), at: NINE + 61_000, entry: "TAKEN_BACK", target: id(2)},
    {id: id(4), at: NINE + 62_000, entry: "RETIMED", target: id(1), happenedAt: NINE - 30_000}];
  const record = core.record(log, NINE - 60_000, NINE + 90_000);
  assert.equal(record.taps.length, 1);
  assert.equal(record.engaged, 120_000);
  assert.equal(record.longestIsLowerBound, true);
});

test("a path gives the shares of the worked example", () => {
  const arrivals = [[0, "Sand"], [240, "Water"], [300, "Book"], [330, "Sand"], [750, "Blocks"]]
    .map(([second, zone]) => ({at: NINE + second * 1000, zone}));
  const path = core.path(arrivals, NINE + 900_000, ["Sand", "Water", "Post"]);
  assert.deepEqual(path.zones.map(zone => [zone.zone, zone.percent]),
    [["Sand", 73], ["Blocks", 17], ["Water", 7], ["Book", 3], ["Post", 0]]);
  assert.equal(path.moves, 4);
  assert.deepEqual(path.never.map(one => one.zone), ["Post"]);
});

test("words are marked on the device as on the server, other children's names with accents too", () => {
  const marks = core.marks("Anouk was lazy. She was happy and smiled at Zoé.", language, "Anouk", ["Zoe", "Anouk"]);
  assert.deepEqual(marks.map(mark => mark.words), ["lazy", "Zoé"]);
  assert.equal(core.ease("She took the string. She tied it round the box. Then she did it again.", language),
    "very easy to read");
});

test("tries, scores, words, looks and the next look are counted by the core", () => {
  assert.equal(core.tries([{cameOff: true, prompt: "ALONE"}, {cameOff: false, prompt: "HELPED"}]), "1 of 2, 1 alone");
  assert.deepEqual(core.scores([{player: "a", points: 3}, {player: "b", points: 1}, {player: "a", points: 2}])
    .map(row => [row.player, row.total]), [["a", 5], ["b", 1]]);
  assert.equal(core.tally([1, 1, -1]), 1);
  const heard = core.heard([{words: "More string!", language: "English", question: false}]);
  assert.deepEqual([heard.utterances, heard.words], [1, 2]);
  assert.equal(core.looks([{activity: "HANDLING", company: null, depth: 4}]).activities.HANDLING, 1);
  assert.equal(core.nextLook(NINE, 300_000, NINE + 340_000), NINE + 600_000);
});

test("the next fixed point is told with its notice, and nothing after the last", () => {
  const points = [{name: "Snack", second: 37_800}];
  const ahead = core.ahead(points, 300_000, 36_300);
  assert.deepEqual([ahead.name, ahead.left, ahead.noticeSecond, ahead.untilNotice], ["Snack", 1_500_000, 37_500, 1_200_000]);
  assert.equal(core.ahead(points, 300_000, 40_000), null);
});

test("a wrong clock is measured from the middle of the exchange", () => {
  const clock = core.clock(NINE - 601_000, NINE, NINE - 599_000);
  assert.deepEqual([clock.offset, clock.wrong], [600_000, true]);
});

test("what makes no sense is refused", () => {
  assert.throws(() => core.record([tap(1, 0, "SANG")], NINE, NINE + 1000));
});
