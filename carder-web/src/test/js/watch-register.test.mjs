import assert from "node:assert/strict";
import {test} from "node:test";
import "./device.mjs";

const {mayBeInside, today, where} = await import("../../../assets/js/watch-register.mjs");
const day = {on: "2026-05-06", due: "08:00", arrived: "08:00", left: "", away: ""};

test("what was pressed on the device counts before what the server told", () => {
  assert.equal(where(today(day, "2026-05-06", {what: "LEFT", time: "12:00"})), "gone");
  assert.equal(where(today(day, "2026-05-06", {what: "NOTHING", time: "12:00"})), "expected");
  assert.deepEqual(today(day, "2026-05-06", undefined), day);
});

test("what the server told of another day says nothing of today", () => {
  assert.equal(where(today(day, "2026-05-07", undefined)), "notDue");
});

test("whoever was expected and not noted may be inside all the same", () => {
  assert.deepEqual(["expected", "here", "gone", "away", "notDue"].filter(mayBeInside), ["expected", "here"]);
});
