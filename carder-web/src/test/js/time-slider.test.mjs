import assert from "node:assert/strict";
import {test} from "node:test";
import {stretch} from "../../../assets/js/hours.mjs";
import {clock, kept, minutes} from "../../../assets/js/time-slider.mjs";

test("a time is read and written as it is typed, and nothing else is one", () => {
  assert.equal(minutes("09:05"), 545);
  assert.equal(clock(545), "09:05");
  assert.ok(Number.isNaN(minutes("")));
  assert.ok(Number.isNaN(minutes("9 o’clock")));
});

test("a time keeps to steps of five minutes and to its limits", () => {
  const limits = {least: minutes("09:05"), most: minutes("10:55")};

  assert.equal(clock(kept(limits, minutes("10:17"))), "10:15");
  assert.equal(clock(kept(limits, minutes("08:00"))), "09:05");
  assert.equal(clock(kept(limits, minutes("23:00"))), "10:55");
});

test("hours of a week lie in whole hours", () => {
  const found = stretch([{from: minutes("07:45"), until: minutes("12:00")}, {from: minutes("12:30"), until: minutes("16:15")}]);

  assert.equal(clock(found.first), "07:00");
  assert.equal(found.whole, 600);
});
