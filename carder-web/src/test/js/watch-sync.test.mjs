import assert from "node:assert/strict";
import {afterEach, beforeEach, test} from "node:test";
import {Server, unsealed} from "./device.mjs";

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

const aKey = () => crypto.subtle.generateKey({name: "AES-GCM", length: 256}, false, ["encrypt", "decrypt"]);

/** Somebody has opened their store here. */
async function opens(person) {
  vault.open(person, await aKey());
  vault.sign(`ticket of ${person}`);
  await vault.put("ticket", `ticket of ${person}`);
}

beforeEach(async () => {
  await vault.wipe();
  await vault.drop(await vault.oldest(10_000));
  server = new Server();
  heard = [];
  sync = new Sync(change => heard.push(change));
  await sync.restore();
  await sync.contact();
  await opens("hamish");
  server.calls = [];
});

afterEach(() => {
  clearTimeout(sync.timer);
  clearTimeout(sync.quiet);
});

test("what waits goes oldest first, two hundred at a time, and is let go once the server names it", async () => {
  await vault.enqueue(entries(0, 450));
  await exchange();
  assert.deepEqual(ids(), entries(0, 450).map(item => item.id));
  assert.equal(server.calls.filter(call => call === "POST /watch/sync").length, 3);
  const numbers = server.kept.map(item => item.sequence);
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

test("what the server refuses is let go here, and its author asks for it", async () => {
  await vault.enqueue(entries(0, 3));
  server.answer = items => items.map(({id}) => id === "e1" ? {id, state: "REFUSED", why: ""} : {id, state: "KEPT"});
  await exchange();
  assert.equal(await vault.waiting(), 0);
  assert.ok(states().includes("refused"));
});

test("an answer about the room before, however late, comes before that about the chosen room", async () => {
  const late = deferred();
  server.before = path => path.startsWith("/watch/bundle") ? late.promise : Promise.resolve();
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

test("whoever is signed in next brings what somebody else has written, sealed and under that person's ticket", async () => {
  await vault.enqueue(entries(0, 1));
  vault.close();
  server.person = "tobias";
  await exchange();
  assert.equal(await vault.waiting(), 0);
  const brought = await unsealed(server.kept[0]);
  assert.equal(brought.ticket, "ticket of hamish");
  assert.equal(brought.item.entry.code, "TALKED");
  assert.ok(!JSON.stringify(server.kept[0]).includes("TALKED"));
});

test("what one person could read, the next one who opens the tablet cannot", async () => {
  await vault.put("draft", {note: "of Hamish"});
  await opens("tobias");
  assert.equal(await vault.get("draft"), null);
  await vault.put("draft", {note: "of Tobias"});
  await opens("hamish");
  await assert.rejects(vault.get("draft"), "another key does not open it");
});

test("a tablet that goes to another setting begins as another device there", async () => {
  await exchange();
  const device = sync.device;
  vault.close();
  Object.assign(server, {person: "teodor", setting: "harbour"});
  await exchange();
  assert.notEqual(sync.device, device);
  assert.equal(await vault.plain("device"), sync.device);
});

test("whoever has opened their store is signed in with its ticket, whoever was before", async () => {
  server.person = "tobias";
  await exchange();
  assert.ok(server.calls.includes("POST /watch/unlock"));
  assert.equal(server.person, "hamish");
  assert.equal((await vault.get("bundle")).person, "hamish");
});

test("a sign-in that was ended closes what could be read and keeps what waits", async () => {
  await vault.enqueue(entries(0, 2));
  Object.assign(server, {person: null, holds: false});
  await exchange();
  assert.deepEqual(heard.at(-1), {state: "ended"});
  assert.equal(await vault.waiting(), 2);
});

test("what is about another person's room is not kept when the tablet has changed hands meanwhile", async () => {
  const late = deferred();
  server.before = path => path.startsWith("/watch/bundle") ? late.promise : Promise.resolve();
  const going = exchange();
  while (!server.calls.includes("GET /watch/bundle")) await new Promise(setImmediate);
  await opens("tobias");
  late.resolve();
  await going;
  assert.equal(await vault.get("bundle"), null);
});

test("a device that was revoked sends what it has where somebody is signed in, tells that it is wiped, and can be read no more", async () => {
  await vault.setPerson({id: "hamish", name: "Hamish Vale"});
  await vault.enqueue(entries(0, 2));
  server.revoked = true;
  await exchange();
  assert.deepEqual(ids(), ["e0", "e1"]);
  assert.ok(server.calls.includes("POST /watch/wiped"));
  assert.deepEqual(heard.at(-1), {state: "wiped"});
  assert.equal(vault.isOpen(), false);
  assert.deepEqual(await vault.persons(), []);
});

test("a device that was revoked while nobody is signed in can be read no more and loses no record", async () => {
  await vault.enqueue(entries(0, 2));
  Object.assign(server, {person: null, revoked: true});
  await exchange();
  assert.equal(vault.isOpen(), false);
  assert.equal(await vault.waiting(), 2);
  Object.assign(server, {person: "tobias", revoked: false});
  await exchange();
  assert.deepEqual(ids(), ["e0", "e1"]);
});

test("without a sign-in that holds all stays on the device and signing in is asked for", async () => {
  await vault.enqueue(entries(0, 2));
  vault.close();
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

test("nothing that lies in the store can be read as it is, and no key lies beside it", async () => {
  const id = "01900000-0000-7000-8000-0000000000aa";
  await vault.putBytes(`photo ${id}`, Buffer.from("Kofi's face"));
  await vault.enqueue([{id: "s", type: "snapshot", snapshot: {note: "Kofi carried a parcel"}}, {id, type: "photo", photo: {id}}],
    {"record play": {children: ["Kofi"]}});
  const rows = await raw(["plain", "queue", "files", "things"]);
  assert.ok(rows.length > 5);
  const text = rows.map(row => JSON.stringify(row)
    + [row, row.data, row.sealed?.data].filter(part => part instanceof ArrayBuffer || ArrayBuffer.isView(part)).map(part => Buffer.from(part).toString("latin1"))).join();
  assert.ok(!/Kofi|parcel|face/.test(text));
  assert.ok(!rows.some(row => row instanceof CryptoKey || Object.values(row).some(part => part instanceof CryptoKey)));
  assert.equal(await vault.getBytes(`photo ${id}`), null, "the draft of the photo went with it");
  const photo = (await unsealed((await vault.oldest(9))[1])).item.photo;
  assert.equal(Buffer.from(photo.file.point, "base64url").length, 65);
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
  const queued = await Promise.all((await vault.oldest(9)).map(unsealed));
  assert.deepEqual(queued.map(({item}) => item.entry.kind), ["BEGIN", "TAP", "TAP", "TAP", "TAKEN_BACK", "END"]);
});

function deferred() {
  const one = {};
  one.promise = new Promise(resolve => { one.resolve = resolve; });
  return one;
}

const raw = stores => new Promise(resolve => {
  const opening = indexedDB.open("carder-hand");
  opening.onsuccess = async () => {
    const all = await Promise.all(stores.map(store => new Promise(done => {
      const rows = opening.result.transaction(store).objectStore(store).getAll();
      rows.onsuccess = () => done(rows.result);
    })));
    opening.result.close();
    resolve(all.flat());
  };
});
