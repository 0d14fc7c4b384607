import assert from "node:assert/strict";
import {test} from "node:test";
import {isOn, isTyping} from "../../../assets/js/shortcuts.mjs";
import {uuid7} from "../../../assets/js/uuid.mjs";
import {looksLike} from "../../../assets/js/photo-file.mjs";
import {WriteLine} from "../../../assets/js/write-line.mjs";
import {batch, pause, settle} from "../../../assets/js/watch-queue.mjs";

const DAY = 86_400_000;

test("mints the version 7 id of RFC 9562, appendix A.6", () => {
  // 017F22E2-79B0-7CC3-98C4-DC0C0C07398F: time 0x017F22E279B0 ms, random parts 0xCC3 and 0x18C4DC0C0C07398F.
  const random = Uint8Array.from([0x0c, 0xc3, 0x18, 0xc4, 0xdc, 0x0c, 0x0c, 0x07, 0x39, 0x8f]);
  assert.equal(uuid7(0x017f22e279b0, random), "017f22e2-79b0-7cc3-98c4-dc0c0c07398f");
});

test("orders ids by time", () => {
  const random = new Uint8Array(10).fill(0xff);
  assert.ok(uuid7(1_700_000_000_000, random) < uuid7(1_700_000_000_001, new Uint8Array(10)));
});

test("sends entries up to a photo, a photo alone, and no more than a request may hold", () => {
  const sealed = {data: new Uint8Array(200_000)};
  const [entry, other, third, photo] = [{id: "a", type: "entry", sealed}, {id: "b", type: "snapshot", sealed}, {id: "d", type: "entry", sealed}, {id: "c", type: "photo", sealed}];
  assert.deepEqual(batch([entry, other, photo]), [entry, other]);
  assert.deepEqual(batch([photo, entry]), [photo]);
  assert.deepEqual(batch([entry, other]), [entry, other]);
  assert.deepEqual(batch([entry, other, third]), [entry, other]);
  assert.deepEqual(batch([{...entry, sealed: {data: new Uint8Array(900_000)}}, other]).length, 1);
});

test("lets go only what the answer names", () => {
  const items = ["kept", "no", "again", "unnamed"].map(id => ({id}));
  const results = [{id: "kept", state: "KEPT"}, {id: "no", state: "REFUSED"}, {id: "again", state: "AGAIN"}];
  const {done, refused, again} = settle(items, results);
  assert.deepEqual([done, refused, again].map(some => some.map(item => item.id)), [["kept", "no"], ["no"], ["again"]]);
});

test("a file must begin as what it says it is", () => {
  assert.equal(looksLike("image/png", [0x89, 0x50, 0x4e, 0x47, 0]), true);
  assert.equal(looksLike("image/jpeg", [0x6e, 0x6f, 0x74]), false);
  assert.equal(looksLike("image/svg+xml", [0x3c]), false);
});

test("waits longer with every failure, up to a minute", () => {
  assert.deepEqual([0, 1, 2, 5, 50].map(pause), [2000, 4000, 8000, 60000, 60000]);
});

test("leaves keys alone while somebody types or the shortcuts are off", () => {
  const plain = {ctrlKey: false, metaKey: false, altKey: false};
  assert.equal(isTyping({tagName: "TEXTAREA"}, plain), true);
  assert.equal(isTyping({tagName: "A"}, plain), false);
  assert.equal(isTyping({tagName: "A"}, {...plain, ctrlKey: true}), true);
  assert.equal(isOn({getItem: () => "off"}), false);
  assert.equal(isOn({getItem: () => null}), true);
});

test("a write that fails is tried again before the next one, and both are told of", async () => {
  const told = [], written = [], waits = [];
  let room = 0;
  const line = new WriteLine(full => told.push(full), async ms => {
    waits.push(ms);
    room += waits.length === 2 ? 1 : 0;
  });
  line.add(() => {
    if (!room) throw new Error("the device is full");
    written.push("first");
  });
  await line.add(() => written.push("second"));
  assert.deepEqual(written, ["first", "second"]);
  assert.deepEqual(told, [true, false]);
  assert.deepEqual(waits, [5000, 5000]);
});
