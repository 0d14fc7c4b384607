import assert from "node:assert/strict";
import {beforeEach, test} from "node:test";
import {Server, unsealed} from "./device.mjs";

const {Log} = await import("../../../assets/js/watch-log.mjs");
const {Sync} = await import("../../../assets/js/watch-sync.mjs");
const vault = await import("../../../assets/js/watch-vault.mjs");

const BUNDLE = {room: {id: "loft"}};
const quiet = {adding() {}, added() {}, afterwards() {}, full() {}};
const codes = record => record.entries.map(entry => entry.code || entry.kind);

beforeEach(async () => {
  await vault.wipe();
  await vault.drop(await vault.oldest(1000));
  new Server();
  const sync = new Sync(() => {});
  await sync.restore();
  await sync.contact();
  vault.open("hamish", await crypto.subtle.generateKey({name: "AES-GCM", length: 256}, false, ["encrypt", "decrypt"]));
  vault.sign("ticket of hamish");
});

async function restored() {
  const log = new Log(quiet);
  await log.restore();
  return log;
}

async function withTaps(many) {
  const log = new Log(quiet);
  log.open("play", BUNDLE, null).children.push("anouk", "kofi");
  for (let at = 0; at < many; at++) log.add("play", {kind: "TAP", child: "anouk", code: `tap ${at}`});
  await log.settle();
  return log;
}

test("a record lies on the device whole and in order, however long it grew and however it was written", async () => {
  const log = await withTaps(45);
  assert.deepEqual((await restored()).records.play, log.records.play);

  for (let at = 0; at < 30; at++) {
    log.add("play", {kind: "TAP", child: "kofi", code: `later ${at}`});
    await log.settle();
  }

  assert.deepEqual((await restored()).records.play, log.records.play);
});

test("what goes on after a restart is written behind what was there", async () => {
  await withTaps(25);
  const again = await restored();
  again.add("play", {kind: "TAP", child: "kofi", code: "after"});
  await again.settle();
  assert.deepEqual(codes((await restored()).records.play), [...codes(again.records.play)]);
  assert.equal(again.records.play.entries.length, 27);
});

test("a record from before records lay in pieces goes on", async () => {
  const entries = Array.from({length: 50}, (_, at) => ({id: `${at}`, kind: "TAP", code: `tap ${at}`}));
  await vault.put("record play", {id: "r", room: "loft", card: null, children: ["anouk"], entries});
  const log = await restored();
  assert.equal(log.records.play.entries.length, 50);
  log.add("play", {kind: "TAP", child: "anouk", code: "one more"});
  await log.settle();
  assert.deepEqual(codes((await restored()).records.play), [...entries.map(entry => entry.code), "one more"]);
});

test("the next record has nothing of the one that ended, also when it begins at once", async () => {
  const log = await withTaps(45);
  log.end("play");
  log.open("play", BUNDLE, "rice");
  await log.settle();
  assert.deepEqual(codes((await restored()).records.play), ["BEGIN"]);

  log.end("play");
  await log.settle();
  assert.equal((await restored()).records.play, undefined);
  assert.equal(await vault.get("record play 1"), null);
});

test("every tap is in the queue once, in the order in which it was tapped, also those that came during a write", async () => {
  const log = await withTaps(3);
  log.add("play", {kind: "TAP", child: "anouk", code: "a"});
  await new Promise(turn => setTimeout(turn));
  log.add("play", {kind: "TAP", child: "anouk", code: "b"});
  log.add("play", {kind: "TAP", child: "anouk", code: "c"});
  await log.settle();
  const sent = await Promise.all((await vault.oldest(100)).map(async item => (await unsealed(item)).item.entry));
  assert.deepEqual(sent, log.records.play.entries);
});

test("who is marked is kept with the next tap, or a little later without one", async () => {
  const log = await withTaps(1);
  log.records.play.active = "kofi";
  log.mark("play");
  log.add("play", {kind: "TAP", child: "kofi", code: "a"});
  await log.line.last;
  assert.equal((await restored()).records.play.active, "kofi");

  log.records.play.active = "anouk";
  log.mark("play");
  await log.settle();
  assert.equal((await restored()).records.play.active, "anouk");
});

test("a write that failed is tried again with all that belongs to it", async context => {
  const log = await withTaps(1);
  const full = [];
  log.line.tells = stuck => full.push(stuck);
  log.line.wait = async () => {};
  let fails = 1;
  context.mock.method(IDBObjectStore.prototype, "add", function add(...row) {
    if (fails-- > 0) throw new DOMException("no room", "QuotaExceededError");
    return IDBObjectStore.prototype.put.apply(this, row);
  });
  log.add("play", {kind: "TAP", child: "anouk", code: "a"});
  await log.settle();
  assert.deepEqual(full, [true, false]);
  assert.equal((await restored()).records.play.entries.length, 3);
});
