import assert from "node:assert/strict";
import {test} from "node:test";
import "./device.mjs";

const {today} = await import("../../../assets/js/watch-register.mjs");
const day = {on: "2026-05-06", due: "08:00", arrived: "08:00", left: "", away: ""};

test("what was pressed on the device counts before what the server told", () => {
  assert.equal(today(day, "2026-05-06", [{what: "LEFT", time: "12:00"}]).presence, "LEFT");
  assert.equal(today(day, "2026-05-06", [{what: "TAKEN_BACK", time: "12:00"}]).presence, "EXPECTED");
  assert.deepEqual(today(day, "2026-05-06"), {presence: "HERE", mayBeInside: true, arrived: "08:00"});
});

test("whoever was not fetched after all is here since they came", () => {
  const pressed = ["ARRIVED", "LEFT", "TAKEN_BACK"].map((what, at) => ({what, time: `1${at}:00`}));
  assert.deepEqual(today({...day, arrived: ""}, "2026-05-06", pressed), {presence: "HERE", mayBeInside: true, arrived: "10:00"});
});

test("what the server told of another day says nothing of today", () => {
  assert.deepEqual(today(day, "2026-05-07"), {presence: "UNTOLD", mayBeInside: true}, "nobody is left out of the count for want of a connection");
  assert.equal(today(day, "2026-05-07", [{what: "ARRIVED", time: "09:00"}]).presence, "HERE");
  assert.equal(today(day, "2026-05-07", [{what: "ARRIVED", time: "09:00"}, {what: "TAKEN_BACK", time: "09:01"}]).presence, "UNTOLD");
});
