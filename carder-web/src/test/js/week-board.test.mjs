import assert from "node:assert/strict";
import {test} from "node:test";
import {inItsShelf, neighbour} from "../../../assets/js/week-board.mjs";

const box = (left, top, name) => ({left, top, right: left + 80, bottom: top + 50, name});

test("an arrow leads to the nearest place in its direction, and nowhere where there is none", () => {
  const cells = [box(100, 0, "right"), box(0, 60, "below"), box(220, 10, "far")];

  assert.equal(neighbour(box(0, 0), cells, "ArrowRight").name, "right");
  assert.equal(neighbour(box(0, 0), cells, "ArrowDown").name, "below");
  assert.equal(neighbour(box(0, 0), cells, "ArrowLeft"), null);
});

test("a shelf goes on in the next line", () => {
  const last = {closest: () => ({}), previousElementSibling: "third", nextElementSibling: "fourth"};

  assert.equal(inItsShelf(last, "ArrowRight"), "fourth");
  assert.equal(inItsShelf(last, "ArrowLeft"), "third");
  assert.equal(inItsShelf(last, "ArrowDown"), null);
  assert.equal(inItsShelf({...last, closest: () => null}, "ArrowRight"), null);
});
