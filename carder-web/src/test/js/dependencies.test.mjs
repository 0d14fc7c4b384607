import assert from "node:assert/strict";
import {test} from "node:test";
import {isBehind, isStable, line} from "../../build/dependencies.mjs";

const library = {group: "org.example", name: "lib", version: "1.9.0"};
const now = Date.parse("2026-05-06");

test("versions are compared number by number, and a release comes after what led up to it", () => {
  for (const [ours, newest] of [["1.9.0", "1.10.0"], ["1.9", "1.9.1"], ["2.0.0-RC1", "2.0.0"], ["1.0.0.Beta2", "1.0.0"]]) {
    assert.equal(isBehind(ours, newest), true, `${ours} ${newest}`);
  }
  for (const [ours, newest] of [["1.9.0", "1.9.0"], ["2.0.0", "1.10.0"], ["1.9", "1.9.0"]]) assert.equal(isBehind(ours, newest), false, `${ours} ${newest}`);
});

test("what is up to date and alive is left out; what is not known is said", () => {
  assert.equal(line(library, {newest: "1.9.0", at: now - 1000}, now), null);
  assert.match(line(library, {newest: "1.10.0", at: now - 1000}, now), /newest 1\.10\.0$/);
  assert.match(line(library, {newest: "1.9.0", at: Date.parse("2021-01-01")}, now), /no release since 2021-01-01: is its home abandoned\?/);
  assert.equal(line(library, {newest: "1.9.0", at: null}, now), null);
  assert.match(line(library, null, now), /not known/);
});

test("milestones and candidates are nothing to be behind", () => {
  for (const early of ["4.2.0-M1", "7.0.0-RC2", "1.0.0.Beta2", "2.0-alpha-3", "1.0.0.CR1", "5.0-SNAPSHOT"]) assert.equal(isStable(early), false, early);
  for (const meant of ["4.1.2", "3.1.7.RELEASE", "0.32.0.RELEASE", "2.0.2", "20240303", "1.0-jre"]) assert.equal(isStable(meant), true, meant);
});
