// The translated core against numbers worked out by hand in the core's own tests.
import test from "node:test";
import assert from "node:assert/strict";
import * as core from "../../../target/classes/static/shipped/js/core.mjs";

const NINE = Date.UTC(2026, 4, 6, 9);
// Ids are never used twice, as on a device: each test has its own thousand.
let thousand = 0;
const id = number => `01900000-0000-7000-8000-${String(thousand * 1000 + number).padStart(12, "0")}`;
const check = (name, steps) => test(name, () => {
  thousand++;
  steps();
});
const [ANOUK, BRAM] = [900, 901].map(id);
const at = second => new Date(NINE + second * 1000).toISOString();
const entry = (number, second, fields) => ({id: id(number), at: at(second), child: null, zone: null, code: "", company: "", words: "",
  number: null, ofNumber: null, xMm: null, yMm: null, target: null, correctedTo: null, ...fields});
const tap = (number, second, code, child = ANOUK) => entry(number, second, {kind: "TAP", child, code});
core.speak(["reading-ease.VERY_EASY", "working.counted", "working.hits-of-tries", "working.hits-with", "prompt.ALONE"],
  ["very easy to read", "{0}: {1}", "{0} of {1}", "{0} {1}", "alone"]);
const language = {
  code: "en", signs: ["smil*"], base: 206.835, perSentence: 1.015, perWord: 84.6, vowels: "aeiouy", silentE: true,
  watched: [{pattern: "lazy", reason: "LABEL", instead: "sat for 6 min"}, {pattern: "happy", reason: "FEELING", instead: "hummed"}],
};

check("taps become the episodes of the worked example: 153 s in four bouts, the longest 85 s", () => {
  const log = [[5, "CHOSE"], [50, "LEFT"], [95, "WENT_BACK"], [110, "LEFT"], [130, "WENT_BACK"], [215, "LEFT"],
    [262, "WENT_BACK"], [270, "LEFT"]].map(([second, kind], at) => tap(at, second, kind));
  const record = core.record(log, ANOUK, NINE, NINE + 300_000, 0);
  assert.equal(record.episodes, 4);
  assert.equal(record.engaged, 153_000);
  assert.equal(record.longest, 85_000);
  assert.deepEqual(record.shapes.find(shape => shape.style === "play").boxes.slice(0, 4), [16, 8, 150, 44]);
});

check("a tap that was taken back does not count, one with another time moves", () => {
  const log = [tap(1, 0, "CHOSE"), tap(2, 60, "LEFT"), entry(3, 61, {kind: "TAKEN_BACK", target: id(2)}),
    entry(4, 62, {kind: "RETIMED", target: id(1), correctedTo: at(-30)}), tap(5, 70, "CHOSE", BRAM)];
  const record = core.record(log, ANOUK, NINE - 60_000, NINE + 90_000, 0);
  assert.equal(record.tapped, 1);
  assert.deepEqual(core.taps(log, ANOUK), [{id: id(1), at: NINE - 30_000, kind: "CHOSE"}]);
  assert.equal(record.engaged, 120_000);
  assert.equal(record.longestIsLowerBound, true);
});

check("a path gives the shares of the worked example", () => {
  const [sand, water, book, blocks, post] = [1, 2, 3, 4, 5].map(id);
  const arrivals = [[0, sand], [240, water], [300, book], [330, sand], [750, blocks]]
    .map(([second, zone], number) => entry(10 + number, second, {kind: "ARRIVED", child: ANOUK, zone}));
  const path = core.path(arrivals, NINE + 900_000, [sand, water, post]);
  assert.deepEqual(path.zones.map(zone => [zone.zone, zone.percent]), [[sand, 73], [blocks, 17], [water, 7], [book, 3], [post, 0]]);
  assert.equal(path.moves, 4);
  assert.deepEqual(path.never.map(one => one.zone), [post]);
});

check("words are marked on the device as on the server, other children's names with accents too", () => {
  const marks = core.marks("Anouk was lazy. She was happy and smiled at Zoé.", language, "Anouk", ["Zoe", "Anouk"]);
  assert.deepEqual(marks.map(mark => mark.words), ["lazy", "Zoé"]);
  assert.equal(core.ease("She took the string. She tied it round the box. Then she did it again.", language),
    "very easy to read");
});

check("what was counted, heard and looked at is summed up by the core, without what was taken back", () => {
  const log = [entry(1, 1, {kind: "TRY", child: ANOUK, code: "ALONE", words: "a knot", number: 1}),
    entry(2, 2, {kind: "TRY", child: ANOUK, code: "HELPED", words: "a knot", number: 0}),
    entry(3, 3, {kind: "TALLY", child: ANOUK, words: "parcels", number: 1}), entry(4, 4, {kind: "TAKEN_BACK", target: id(3)}),
    entry(5, 5, {kind: "HEARD", child: ANOUK, words: "More string!", company: "English", number: 0}),
    entry(6, 6, {kind: "LOOK", child: ANOUK, code: "HANDLING", number: 4})];
  assert.deepEqual(core.counted(log, ANOUK).map(one => one.line), ["a knot: 1 of 2, 1 alone"]);
  const heard = core.heard(log);
  assert.deepEqual([heard.utterances, heard.words, heard.said[0].words], [1, 2, "More string!"]);
  assert.equal(core.looks(log).activities.HANDLING, 1);
  assert.equal(core.nextLook(NINE, 300_000, NINE + 340_000), NINE + 600_000);
});

check("the latest entry is the last that was entered and still counts, whoever it is about", () => {
  const log = [entry(1, 0, {kind: "BEGIN"}), tap(2, 10, "CHOSE"), tap(3, 20, "LEFT", BRAM)];
  assert.equal(core.latest(log), id(3));
  log.push(entry(4, 21, {kind: "TAKEN_BACK", target: id(3)}));
  assert.equal(core.latest(log), id(2));
  // Given an earlier time, it is still what was tapped last.
  log.push(tap(5, 30, "ENGAGED"), entry(6, 31, {kind: "RETIMED", target: id(5), correctedTo: at(1)}));
  assert.equal(core.latest(log), id(5));
  assert.equal(core.latest([entry(1, 0, {kind: "BEGIN"})]), null);
});

check("a tap without effect says why", () => {
  const effect = (...taps) => core.record(taps, ANOUK, NINE, NINE + 60_000, 0).effect;
  assert.equal(effect(tap(20, 0, "CHOSE")), "COUNTS");
  assert.equal(effect(tap(20, 0, "CHOSE"), tap(21, 10, "ENGAGED")), "PLAYS_ALREADY");
  assert.equal(effect(tap(20, 0, "CHOSE"), tap(22, 1, "CHOSE")), "SAME_TAP");
  assert.equal(effect(), undefined);
});

check("the next fixed point is told with its notice, and nothing after the last", () => {
  const points = [{name: "Snack", second: 37_800}];
  const ahead = core.ahead(points, 300_000, 36_300);
  assert.deepEqual([ahead.name, ahead.left, ahead.noticeSecond, ahead.untilNotice], ["Snack", 1_500_000, 37_500, 1_200_000]);
  assert.equal(core.ahead(points, 300_000, 40_000), null);
});

check("a wrong clock is measured from the middle of the exchange", () => {
  const clock = core.clock(NINE - 601_000, NINE, NINE - 599_000);
  assert.deepEqual([clock.offset, clock.wrong], [600_000, true]);
});

check("what makes no sense is refused", () => {
  assert.throws(() => core.record([tap(99, 0, "SANG")], ANOUK, NINE, NINE + 1000, 0));
});
