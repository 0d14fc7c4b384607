import assert from "node:assert/strict";
import {test} from "node:test";
import "./device.mjs";

const {mayBeInside, today, where} = await import("../../../assets/js/watch-register.mjs");
const day = {on: "2026-05-06", due: "08:00", arrived: "08:00", left: "", away: ""};

test("what was pressed on the device counts before what the server told", () => {
  assert.equal(where(today(day, "2026-05-06", [{what: "LEFT", time: "12:00"}])), "gone");
  assert.equal(where(today(day, "2026-05-06", [{what: "TAKEN_BACK", time: "12:00"}])), "expected");
  assert.deepEqual(today(day, "2026-05-06"), day);
});

test("whoever was not fetched after all is here since they came", () => {
  const pressed = ["ARRIVED", "LEFT", "TAKEN_BACK"].map((what, at) => ({what, time: `1${at}:00`}));
  const {arrived, left} = today({...day, arrived: ""}, "2026-05-06", pressed);
  assert.deepEqual({arrived, left}, {arrived: "10:00", left: ""});
});

test("what the server told of another day says nothing of today", () => {
  const untold = today(day, "2026-05-07");
  assert.equal(where(untold), "unknown");
  assert.ok(mayBeInside(where(untold)), "nobody is left out of the count for want of a connection");
  assert.equal(where(today(day, "2026-05-07", [{what: "ARRIVED", time: "09:00"}])), "here");
  assert.equal(where(today(day, "2026-05-07", [{what: "ARRIVED", time: "09:00"}, {what: "TAKEN_BACK", time: "09:01"}])), "unknown");
});

test("whoever was expected and not noted may be inside all the same", () => {
  assert.deepEqual(["expected", "here", "gone", "away", "notDue", "unknown"].filter(mayBeInside), ["expected", "here", "unknown"]);
});
