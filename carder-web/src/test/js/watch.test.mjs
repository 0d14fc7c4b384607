import assert from "node:assert/strict";
import {test} from "node:test";
import {isOn, isTyping} from "../../../assets/js/shortcuts.mjs";
import {uuid7} from "../../../assets/js/uuid.mjs";
import {draftKey, pause, verdict, waitingOf} from "../../../assets/js/watch-store.mjs";

test("mints the version 7 id of RFC 9562, appendix A.6", () => {
  // 017F22E2-79B0-7CC3-98C4-DC0C0C07398F: time 0x017F22E279B0 ms, random parts 0xCC3 and 0x18C4DC0C0C07398F.
  const random = Uint8Array.from([0x0c, 0xc3, 0x18, 0xc4, 0xdc, 0x0c, 0x0c, 0x07, 0x39, 0x8f]);
  assert.equal(uuid7(0x017f22e279b0, random), "017f22e2-79b0-7cc3-98c4-dc0c0c07398f");
});

test("orders ids by time", () => {
  const random = new Uint8Array(10).fill(0xff);
  assert.ok(uuid7(1_700_000_000_000, random) < uuid7(1_700_000_000_001, new Uint8Array(10)));
});

test("sends only what the person has waiting, the oldest first", () => {
  const records = [
    {key: "b", owner: "hamish", state: "waiting"},
    {key: "a", owner: "hamish", state: "waiting"},
    {key: "c", owner: "ravi", state: "waiting"},
    {key: draftKey("hamish", "loft"), owner: "hamish", state: "draft"},
  ];
  assert.deepEqual(waitingOf(records, "hamish").map(record => record.key), ["a", "b"]);
});

test("keeps a record until the server has it or says what is wrong", () => {
  assert.equal(verdict(201), "done");
  assert.equal(verdict(200), "done");
  assert.equal(verdict(422), "refused");
  assert.equal(verdict(401), "signin");
  for (const status of [0, 429, 500, 502, 503]) assert.equal(verdict(status), "later");
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
