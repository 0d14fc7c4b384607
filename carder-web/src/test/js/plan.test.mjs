import {test} from "node:test";
import assert from "node:assert/strict";
import {History, grown, millimetres, moved, resized, snap, toSvg, turned, turnedTowards} from "../../../assets/js/plan-model.mjs";
import {Saver} from "../../../assets/js/plan-saver.mjs";

const table = {what: "piece", id: "t", name: "", kind: "TABLE", x: 1000, y: 1000, width: 600, depth: 400, turn: 0, height: 460, places: 0};

test("snaps to a line nearby, else to the grid", () => {
  assert.equal(snap(1023), 1000);
  assert.equal(snap(1026), 1050);
  assert.equal(snap(1023, [1080]), 1080);
  assert.equal(snap(1023, [1110]), 1000);
});

test("a moved table keeps to the grid and aligns its edge with a wall", () => {
  assert.deepEqual(moved(table, 122, -7), {...table, x: 1100, y: 1000});
  assert.equal(moved(table, -680, 0, {x: [0], y: []}).x, 300);
});

test("nothing is moved off the sheet", () => {
  assert.equal(moved(table, -5000, 0).x, 0);
  assert.equal(moved(table, 90000, 0).x, 60000);
});

test("a resized table keeps its opposite corner, turned or not", () => {
  const wider = resized(table, 1, 1, 1500, 1300);
  assert.deepEqual([wider.x - wider.width / 2, wider.y - wider.depth / 2], [700, 800]);
  assert.deepEqual([wider.width, wider.depth], [800, 500]);
  const quarter = resized({...table, turn: 90}, 1, 1, 700, 1500);
  assert.deepEqual([quarter.width, quarter.depth], [800, 500]);
  assert.equal(resized(table, 1, 1, 0, 0).width, 20);
});

test("turns in steps of 15 degrees towards a place and stays within a circle", () => {
  assert.equal(turnedTowards(table, 2000, 1000).turn, 90);
  assert.equal(turnedTowards(table, 1000, 0).turn, 0);
  assert.equal(turned({...table, turn: 350}, 15).turn, 5);
  assert.equal(turned(table, -15).turn, 345);
  assert.equal(grown(table, -5000, "width").width, 20);
});

test("reads centimetres as people type them, and nothing else", () => {
  assert.equal(millimetres("120"), 1200);
  assert.equal(millimetres("12,5"), 125);
  assert.equal(millimetres("12.55"), undefined);
  assert.equal(millimetres("-3"), undefined);
});

test("undoes and redoes, and forgets what was undone after a new stroke", () => {
  const history = new History({n: 0});
  history.push({n: 1});
  history.push({n: 2});
  assert.equal(history.push({n: 2}), false);
  history.undo();
  assert.deepEqual(history.now, {n: 1});
  history.redo();
  assert.deepEqual(history.now, {n: 2});
  history.undo();
  history.push({n: 3});
  assert.equal(history.redo(), false);
  history.undo();
  history.undo();
  assert.equal(history.undo(), false);
});

test("writes names so that they stay names", () => {
  const svg = toSvg({place: "INDOORS", path: 900, outline: [[0, 0], [1, 0], [1, 1]], items: [{...table, name: "<b>\"&"}]});
  assert.match(svg, /data-name="&lt;b&gt;&quot;&amp;"/);
  assert.match(svg, /points="0,0 1,0 1,1"/);
});

function saver(answers) {
  const sent = [], told = [], kept = [], waits = [];
  const one = new Saver({
    send: async (svg, edition) => { sent.push([svg, edition]); const answer = answers.shift(); if (answer instanceof Error) throw answer; return answer; },
    keep: svg => kept.push(svg), tell: what => told.push(what), edition: 4, later: work => waits.push(work),
  });
  return {one, sent, told, kept, waits};
}

test("sends one stroke at a time and then only the newest", async () => {
  const {one, sent, told, kept} = saver([{status: 200, edition: 5}, {status: 200, edition: 6}]);
  const first = one.save("a");
  one.save("b");
  one.save("c");
  await first;
  assert.deepEqual(sent, [["a", 4], ["c", 5]]);
  assert.equal(told.at(-1), "saved");
  assert.equal(kept.at(-1), null);
});

test("keeps a stroke on the device and sends it again when there was no connection", async () => {
  const {one, sent, told, kept, waits} = saver([new Error("offline"), {status: 200, edition: 5}]);
  await one.save("a");
  assert.equal(told.at(-1), "offline");
  assert.equal(kept.at(-1), "a");
  await waits[0]();
  assert.deepEqual(sent.at(-1), ["a", 4]);
  assert.equal(kept.at(-1), null);
});

test("asks when somebody else was faster, and overwrites only when told to", async () => {
  const {one, sent, told} = saver([{status: 409, edition: 9}, {status: 200, edition: 10}]);
  await one.save("a");
  assert.equal(told.at(-1), "conflict");
  assert.equal(sent.length, 1);
  await one.overwrite(9);
  assert.deepEqual(sent.at(-1), ["a", 9]);
});
