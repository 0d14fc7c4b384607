import assert from "node:assert/strict";
import {test} from "node:test";
import {moved, nearest, stopsOf} from "../../../assets/js/pull.mjs";

const stops = stopsOf("250,40.0,90.0 500,40.0,60.0 750,40.0,35.0");

test("a handle rests at the stop that is nearest to the pointer", () => {
  assert.equal(stops[nearest(stops, {x: 300, y: 58})].value, "500");
  assert.equal(stops[nearest(stops, {x: 40, y: -200})].value, "750");
  assert.equal(stops[nearest(stops, {x: 0, y: 500})].value, "250");
});

test("keys move it from stop to stop and no farther than the ends", () => {
  assert.equal(moved(stops, 1, 1), 2);
  assert.equal(moved(stops, 1, 10), 2);
  assert.equal(moved(stops, 1, -Infinity), 0);
  assert.equal(moved(stops, 2, 1), 2);
});
