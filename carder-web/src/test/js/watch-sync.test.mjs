import assert from "node:assert/strict";
import {afterEach, beforeEach, test} from "node:test";
import {Server} from "./device.mjs";

const vault = await import("../../../assets/js/watch-vault.mjs");
const {Sync} = await import("../../../assets/js/watch-sync.mjs");
const {Log} = await import("../../../assets/js/watch-log.mjs");

let server, sync, heard;

const entries = (from, to) => Array.from({length: to - from}, (_, at) => ({id: `e${from + at}`, type: "entry", entry: {code: "TALKED"}}));
const states = () => heard.map(change => change.state);
const ids = () => server.kept.map(item => item.id);

/** Sends once and lets no timer of a next try go on. */
async function exchange() {
  if (!sync.device) await sync.restore();
  await sync.soon();
  clearTimeout(sync.timer);
}

beforeEach(async () => {
  await vault.wipe();
  server = new Server();
  heard = [];
  sync = new Sync(change => heard.push(change));
});

afterEach(() => {
  clearTimeout(sync.timer);
  clearTimeout(sync.quiet);
});

test("what waits goes oldest first, two hundred at a time, and is let go once the server names it", async () => {
  await vault.enqueue(entries(0, 450));
  await exchange();
  assert.deepEqual(ids(), entries(0, 450).map(item => item.id));
  assert.equal(server.calls.filter(call => call === "POST /watch/sync").length, 4, "one to be known, three of entries");
  const numbers = server.kept.map(item => item.entry.sequence);
  assert.deepEqual(numbers, numbers.toSorted((a, b) => a - b));
  assert.equal(await vault.waiting(), 0);
  assert.deepEqual(heard.at(-1).state, "sent");
});

test("when the answer gets lost the same items go again, under the same ids", async () => {
  await vault.enqueue(entries(0, 2));
  let cut = true;
  server.answer = items => {
    if (items.length && cut) throw new TypeError("network");
    return items.map(({id}) => ({id, state: "KEPT"}));
  };
  await exchange();
  assert.equal(heard.at(-1).state, "offline");
  assert.equal(heard.at(-1).count, 2);
  cut = false;
  await exchange();
  assert.deepEqual(ids(), ["e0", "e1", "e0", "e1"]);
  assert.equal(await vault.waiting(), 0);
});

test("an answer that names none of the items lets none go and is not asked for again at once", async () => {
  await vault.enqueue(entries(0, 3));
  server.answer = () => [];
  await exchange();
  assert.equal(await vault.waiting(), 3);
  assert.equal(server.kept.length, 3);
  assert.equal(heard.at(-1).state, "offline");
});

test("what the server refuses is shown with its reason and holds up nothing behind it", async () => {
  await vault.enqueue(entries(0, 3));
  server.answer = items => items.map(({id}) => id === "e1" ? {id, state: "REFUSED", why: "of no child here"} : {id, state: "KEPT"});
  await exchange();
  assert.equal(await vault.waiting(), 0);
  assert.deepEqual((await vault.get("refused")).map(item => [item.id, item.why]), [["e1", "of no child here"]]);
});

test("an answer about the room before, however late, comes before that about the chosen room", async () => {
  const late = deferred();
  server.before = path => path === "/watch/bundle" ? late.promise : Promise.resolve();
  await sync.restore();
  const first = sync.start();
  while (!server.calls.includes("GET /watch/bundle")) await new Promise(setImmediate);
  const chosen = sync.load("nook");
  late.resolve();
  await Promise.all([first, chosen]);
  assert.deepEqual(heard.filter(change => change.bundle).map(change => change.bundle.room.id), ["loft", "nook"]);
  assert.equal((await vault.get("bundle")).room.id, "nook");
  assert.equal(await vault.get("room"), "nook");
});

test("a room that is not there any more is forgotten for the person's own", async () => {
  await vault.put("room", "attic");
  await exchange();
  assert.equal((await vault.get("bundle")).room.id, "loft");
  await assert.rejects(sync.load("attic"), {state: "offline"});
});

test("somebody else cannot send what waits, and is told whose it is", async () => {
  await exchange();
  await vault.enqueue(entries(0, 1));
  server.person = "tobias";
  await exchange();
  assert.equal(server.kept.length, 0);
  assert.equal(heard.at(-1).state, "other");
  assert.equal(heard.at(-1).person, "Name of hamish");
  assert.equal(await vault.waiting(), 1);
});

test("a tablet from which nothing waits is handed over empty and keeps its own number", async () => {
  await exchange();
  await vault.put("draft", {note: "of Hamish"});
  const device = sync.device;
  server.person = "tobias";
  await exchange();
  assert.ok(states().includes("handed over"));
  assert.equal(await vault.get("draft"), null);
  assert.equal(await vault.get("device"), device);
  assert.equal((await vault.get("owner")).id, "tobias");
});

test("a tablet that goes to another setting begins as another device there", async () => {
  await exchange();
  const device = sync.device;
  Object.assign(server, {person: "teodor", setting: "harbour"});
  await exchange();
  assert.notEqual(sync.device, device);
  assert.equal(await vault.get("device"), sync.device);
  assert.equal(server.last.device, sync.device);
});

test("a tap that is not written yet is counted and keeps the tablet from being handed over", async () => {
  await exchange();
  sync.adding(1);
  server.person = "tobias";
  await exchange();
  assert.equal(heard.at(-1).state, "other");
  assert.equal(heard.at(-1).count, 1);
});

test("a device that was revoked sends what it has, tells that it is wiped, and holds nothing any more", async () => {
  await vault.enqueue(entries(0, 2));
  server.revoked = true;
  await exchange();
  assert.deepEqual(ids(), ["e0", "e1"]);
  assert.ok(server.calls.includes("POST /watch/wiped"));
  assert.deepEqual(heard.at(-1), {state: "wiped", why: "revoked", count: 0});
  assert.equal(await vault.waiting(), 0);
  assert.deepEqual(await vault.names(), []);
});

test("a device that was revoked while its person is signed out is wiped unsent", async () => {
  await vault.enqueue(entries(0, 2));
  server.person = null;
  server.revoked = true;
  await exchange();
  assert.equal(server.kept.length, 0);
  assert.equal(await vault.waiting(), 0);
});

test("signed out, all stays on the device and signing in is asked for", async () => {
  await vault.enqueue(entries(0, 2));
  server.person = null;
  await exchange();
  assert.equal(heard.at(-1).state, "signin");
  assert.equal(await vault.waiting(), 2);
});

test("a clock that is two hours behind is measured, and its offset goes with what is sent", async () => {
  server.clockAhead = 7_200_000;
  await vault.enqueue(entries(0, 1));
  await exchange();
  assert.ok(heard.at(-1).clock.wrong);
  assert.ok(Math.abs(server.last.clockOffsetMs - 7_200_000) <= Math.max(1000, server.last.clockUncertaintyMs));
});

test("what is unsent is remembered as told of, until the next contact", async () => {
  await exchange();
  await vault.enqueue(entries(0, 1));
  sync.last = {at: Date.now() - 604_800_000, keeps: 604_800_000};
  await sync.recount();
  assert.ok(sync.end().closed);
  await sync.warned();
  assert.ok((await vault.get("contact")).warnedAt <= Date.now());
  await exchange();
  assert.equal((await vault.get("contact")).warnedAt, undefined);
  assert.equal(sync.end().warn, false);
});

test("what lies in the store is sealed under a key that cannot be taken out", async () => {
  await vault.enqueue([{id: "s", type: "snapshot", snapshot: {note: "Kofi carried a parcel"}}], {"record play": {children: ["Kofi"]}});
  const rows = await raw(["queue", "things", "keys"]);
  const bytes = rows.flatMap(row => row.data ? [Buffer.from(row.data).toString("latin1")] : []);
  assert.equal(bytes.length, 2);
  assert.ok(bytes.every(text => !text.includes("Kofi")));
  const key = rows.find(row => row.algorithm);
  assert.equal(key.extractable, false);
  await assert.rejects(crypto.subtle.exportKey("raw", key));
});

test("an entry and the record beside it are both written, or neither", async () => {
  const put = IDBObjectStore.prototype.put;
  IDBObjectStore.prototype.put = () => { throw new DOMException("full", "QuotaExceededError"); };
  await assert.rejects(vault.enqueue(entries(0, 1), {"record play": {}})).finally(() => { IDBObjectStore.prototype.put = put; });
  assert.equal(await vault.waiting(), 0);
  assert.equal(await vault.get("record play"), null);
});

test("taps are queued in the order of the thumb, and a record that goes on is found again", async () => {
  await exchange();
  const log = new Log(sync);
  log.open("play", {room: {id: "loft"}}, null);
  for (const code of ["CHOSE", "TALKED", "LEFT"]) log.add("play", {kind: "TAP", child: "01900000-0000-7000-8000-0000000000f1", code});
  assert.equal(log.undo("play").code, "LEFT");
  await log.line.last;
  const again = new Log(sync);
  await again.restore();
  assert.deepEqual(again.records.play.entries.map(entry => entry.code || entry.kind), ["BEGIN", "CHOSE", "TALKED", "LEFT", "TAKEN_BACK"]);
  again.end("play");
  await again.line.last;
  assert.equal(await vault.get("record play"), null);
  assert.deepEqual((await vault.oldest(9)).map(item => item.entry.kind), ["BEGIN", "TAP", "TAP", "TAP", "TAKEN_BACK", "END"]);
});

function deferred() {
  const one = {};
  one.promise = new Promise(resolve => { one.resolve = resolve; });
  return one;
}

const raw = stores => new Promise(resolve => {
  const opening = indexedDB.open("carder-device");
  opening.onsuccess = async () => {
    const all = await Promise.all(stores.map(store => new Promise(done => {
      const rows = opening.result.transaction(store).objectStore(store).getAll();
      rows.onsuccess = () => done(rows.result);
    })));
    opening.result.close();
    resolve(all.flat());
  };
});
