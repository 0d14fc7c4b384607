import assert from "node:assert/strict";
import {test} from "node:test";
import {said} from "../../../assets/js/look.mjs";

test("a browser is read in the order of the choices", () => {
  assert.deepEqual(said("SESSION=1; carder-look=dark.larger.more.left.large"), {theme: "dark", text: "larger", contrast: "more", thumb: "left", keys: "large"});
});

test("a cookie from before a choice was there says nothing of it", () => {
  assert.deepEqual(said("carder-look=light.usual.system"), {theme: "light", text: "usual", contrast: "system"});
});

test("without a cookie nothing is said", () => {
  assert.deepEqual(said("other-carder-look=dark"), {});
});
