// What a device holds, in four stores. "plain": numbers, the server's public key, who has opened Watch here. "things": what one person may
// read, AES-GCM under a key that only their secret opens (watch-lock.mjs) and that is in memory only. "queue" and "files": what waits to be
// sent, sealed to the server as it is written, so that it outlives whoever wrote it.
import {seal} from "./watch-seal.mjs";

const NAME = "carder-hand";

let opening = null;
/** Whoever has opened their store: {id, key, ticket}. */
let reader = null;

const SERVER = "server";
/** The server's public key as it lies in "plain", read once: every tap is sealed to it. */
let server = null;

function database() {
  opening ??= new Promise((resolve, reject) => {
    const request = indexedDB.open(NAME, 1);
    request.onupgradeneeded = () => {
      for (const store of ["plain", "things", "files"]) request.result.createObjectStore(store);
      request.result.createObjectStore("queue", {keyPath: "sequence", autoIncrement: true});
    };
    request.onsuccess = () => {
      request.result.onversionchange = () => { request.result.close(); opening = null; };
      resolve(request.result);
    };
    request.onerror = () => { opening = null; reject(request.error); };
  });
  return opening;
}

function run(stores, mode, work) {
  return database().then(db => new Promise((resolve, reject) => {
    const transaction = db.transaction(stores, mode);
    let request;
    transaction.oncomplete = () => resolve(request?.result);
    transaction.onerror = transaction.onabort = () => reject(transaction.error);
    try {
      request = work(transaction);
    } catch (failure) {
      // Without this what was put before the fault would be written all the same.
      transaction.abort();
      reject(failure);
    }
  }));
}

const bytesOf = value => new TextEncoder().encode(JSON.stringify(value));

async function encrypt(bytes) {
  if (!reader) throw new Error("locked");
  const iv = crypto.getRandomValues(new Uint8Array(12));
  return {iv, data: await crypto.subtle.encrypt({name: "AES-GCM", iv}, reader.key, bytes)};
}

const decrypt = sealed => crypto.subtle.decrypt({name: "AES-GCM", iv: sealed.iv}, reader.key, sealed.data);

// --- what anybody may see

export async function setPlain(name, value) {
  if (name === SERVER) server = null;
  await run(["plain"], "readwrite", tx => tx.objectStore("plain").put(value, name));
}
export const plain = async name => await run(["plain"], "readonly", tx => tx.objectStore("plain").get(name)) ?? null;
export const removePlain = name => run(["plain"], "readwrite", tx => tx.objectStore("plain").delete(name));

const PERSON = "person ";
const people = () => IDBKeyRange.bound(PERSON, PERSON + "\uffff");

/** Who has opened Watch on this device, with the lock of their store. */
export const persons = () => run(["plain"], "readonly", tx => tx.objectStore("plain").getAll(people()));
export const setPerson = person => setPlain(PERSON + person.id, person);

// --- what one person may read

export const isOpen = () => reader !== null;
export const readerId = () => reader?.id ?? null;

/** From now on things are those of this person. */
export function open(id, key) {
  reader = {id, key, ticket: null};
}

/** What they write is written under this. */
export function sign(ticket) {
  reader.ticket = ticket;
}

export function close() {
  reader = null;
}

/** Keys that others cannot read say whose they are; nobody finds the things of somebody else under them. */
const own = name => `${reader?.id} ${name}`;

async function thing(name) {
  return reader && run(["things"], "readonly", tx => tx.objectStore("things").get(own(name)));
}

async function setThing(name, sealed) {
  const key = own(name);
  await run(["things"], "readwrite", tx => tx.objectStore("things").put(sealed, key));
}

export const put = async (name, value) => setThing(name, await encrypt(bytesOf(value)));
export const putBytes = async (name, bytes) => setThing(name, await encrypt(bytes));

export async function get(name) {
  const bytes = await getBytes(name);
  return bytes && JSON.parse(new TextDecoder().decode(bytes));
}

export async function getBytes(name) {
  const sealed = await thing(name);
  return sealed ? decrypt(sealed) : null;
}

export async function remove(name) {
  const key = own(name);
  await run(["things"], "readwrite", tx => tx.objectStore("things").delete(key));
}

/** Removes something that lies in pieces: its head and "name 0", "name 1" and so on. */
export async function removeAll(name) {
  const head = own(name);
  await run(["things"], "readwrite", tx => {
    tx.objectStore("things").delete(head);
    tx.objectStore("things").delete(IDBKeyRange.bound(`${head} `, `${head} \uffff`));
  });
}

/** Throws away what somebody could read here; with their lock, they are not known here any more. */
export async function forget(id, withLock) {
  await run(["things", "plain"], "readwrite", tx => {
    tx.objectStore("things").delete(IDBKeyRange.bound(`${id} `, `${id} \uffff`));
    if (withLock) tx.objectStore("plain").delete(PERSON + id);
  });
  if (reader?.id === id) close();
}

/** Throws away everything that anybody could read. What waits to be sent stays: nobody can. */
export async function wipe() {
  await run(["things", "plain"], "readwrite", tx => {
    tx.objectStore("things").clear();
    tx.objectStore("plain").delete(people());
  });
  close();
}

// --- what waits to be sent

async function sealed(item, server) {
  if (!reader?.ticket) throw new Error("locked");
  const bytes = item.type === "photo" ? await getBytes(`photo ${item.id}`) : null;
  const file = bytes && await seal(server, item.id, bytes);
  const inside = file ? {...item, photo: {...item.photo, file: {...file, data: ""}}} : item;
  return {file, row: {id: item.id, type: item.type, sealed: await seal(server, item.id, bytesOf({ticket: reader.ticket, item: inside}))}};
}

/** Seals items and puts them behind the others and, in the same step, things beside them: all are there, or none. */
export async function enqueue(items, things = {}) {
  server ??= await plain(SERVER);
  const rows = await Promise.all(items.map(item => sealed(item, server)));
  const beside = await Promise.all(Object.entries(things).map(async ([name, value]) => [own(name), await encrypt(bytesOf(value))]));
  const drafts = items.filter(item => item.type === "photo").map(item => own(`photo ${item.id}`));
  await run(["queue", "files", "things"], "readwrite", tx => {
    rows.forEach(({row, file}) => {
      tx.objectStore("queue").add(row);
      if (file) tx.objectStore("files").put(file.data, row.id);
    });
    beside.forEach(([name, value]) => tx.objectStore("things").put(value, name));
    drafts.forEach(name => tx.objectStore("things").delete(name));
  });
}

/** The oldest items, sealed, each with its sequence. */
export const oldest = most => run(["queue"], "readonly", tx => tx.objectStore("queue").getAll(null, most));

export const file = id => run(["files"], "readonly", tx => tx.objectStore("files").get(id));

/** Lets go what the server has. */
export const drop = items => run(["queue", "files", "plain"], "readwrite", tx => {
  items.forEach(item => {
    tx.objectStore("queue").delete(item.sequence);
    tx.objectStore("files").delete(item.id);
    tx.objectStore("plain").delete(`upload ${item.id}`);
  });
});

export const waiting = () => run(["queue"], "readonly", tx => tx.objectStore("queue").count());
