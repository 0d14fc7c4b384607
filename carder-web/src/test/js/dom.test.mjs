import assert from "node:assert/strict";
import {test} from "node:test";
import {clockWords, words} from "../../../assets/js/dom.mjs";

test("a length of time is minutes and seconds, with hours from the first one on", () => {
  assert.equal(clockWords(0), "0:00");
  assert.equal(clockWords(61_999), "1:01");
  assert.equal(clockWords(3_599_000), "59:59");
  assert.equal(clockWords(3_723_000), "1:02:03");
});

test("words of an element have their places filled, and keep those that nothing is known of", () => {
  const line = {dataset: {words: "{count} of {name}, {name}", wordsOffline: "No connection. {count} kept."}};
  assert.equal(words(line, "", {count: 2, name: "Anouk"}), "2 of Anouk, Anouk");
  assert.equal(words(line, "offline", {count: 0}), "No connection. 0 kept.");
  assert.equal(words(line, "offline"), "No connection. {count} kept.");
  assert.equal(words(line, "unknown", {count: 1}), "");
});

test("a name with a dollar or a brace is put in as it is", () => {
  assert.equal(words({dataset: {words: "{name}"}}, "", {name: "$& {count}"}), "$& {count}");
});
