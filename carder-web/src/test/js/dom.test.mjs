import assert from "node:assert/strict";
import {test} from "node:test";
import {clockWords, words} from "../../../assets/js/dom.mjs";
import {left} from "../../../assets/js/time-left.mjs";
import {isAskedAgain} from "../../../assets/js/typed-early.mjs";

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

test("the minutes that are left run down in the forms of the language, and end", () => {
  const on = {dataset: {wordsOne: "1 minute left", wordsFew: "{minutes} minuty", wordsOther: "{minutes} minutes left", wordsOver: "No session now"}};
  assert.deepEqual([5, 1, 0, -3].map(minutes => left(on, minutes, "en")),
    ["5 minutes left", "1 minute left", "No session now", "No session now"]);
  assert.equal(left(on, 3, "pl"), "3 minuty");
});

test("a name with a dollar or a brace is put in as it is", () => {
  assert.equal(words({dataset: {words: "{name}"}}, "", {name: "$& {count}"}), "$& {count}");
});

test("only a form that calculates is asked again for what was typed early, never one that writes", () => {
  const form = (trigger, ...elements) => ({tagName: "FORM", getAttribute: () => trigger, elements});
  const typed = {tagName: "INPUT", type: "text", value: "30", defaultValue: "10"};
  const ticked = {tagName: "INPUT", type: "checkbox", checked: true, defaultChecked: false};
  const option = (selected, defaultSelected) => ({selected, defaultSelected});
  assert.equal(isAskedAgain(form("input delay:200ms, change", typed)), true);
  assert.equal(isAskedAgain(form("input delay:200ms, change", {...typed, value: "10"})), false);
  assert.equal(isAskedAgain(form("input delay:250ms", {tagName: "SELECT", options: [option(false, true), option(true, false)]})), true);
  assert.equal(isAskedAgain(form("input delay:250ms", {tagName: "SELECT", options: [option(true, false)], selectedIndex: 0})), false);
  assert.equal(isAskedAgain(form("change", ticked)), false);
  assert.equal(isAskedAgain({...form("input", typed), tagName: "LI"}), false);
});
