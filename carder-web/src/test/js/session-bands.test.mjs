import assert from "node:assert/strict";
import {test} from "node:test";
import {bands, borders} from "../../../assets/js/session-bands.mjs";
import {clock, minutes} from "../../../assets/js/time-slider.mjs";

const row = (id, from, to, days = ["Mon", "Tue"]) => ({id, from: minutes(from), to: minutes(to), days});

test("days with the same sessions share a band, earliest first, and a session that does not last is in none", () => {
  const play = row(1, "09:00", "10:30"), snack = row(0, "10:30", "11:00", ["Mon"]), odd = row(2, "12:00", "12:00");

  const found = bands([snack, play, odd]);

  assert.deepEqual(found.map(band => band.days), [["Mon"], ["Tue"]]);
  assert.deepEqual(found[0].rows, [play, snack]);
  assert.deepEqual(found[1].rows, [play]);
});

test("a border between two sessions belongs to both and stays five minutes inside them", () => {
  const play = row(1, "09:00", "10:30"), snack = row(2, "10:30", "11:00");

  const [, between] = borders([play, snack]);

  assert.deepEqual([between.ends, between.begins], [[play], [snack]]);
  assert.equal(clock(between.least), "09:05");
  assert.equal(clock(between.most), "10:55");
});

test("a border beside a gap goes no farther than the next session", () => {
  const play = row(1, "09:00", "10:00"), garden = row(2, "10:20", "11:00");

  const [begin, end, other] = borders([play, garden]);

  assert.equal(clock(begin.least), "00:00");
  assert.equal(clock(end.most), "10:20");
  assert.equal(clock(other.least), "10:00");
});
