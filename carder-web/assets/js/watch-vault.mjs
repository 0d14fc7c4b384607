// What a device carries, encrypted at rest: AES-GCM under a key that scripts can use and nobody can read out. The key
// lies in the same database and is thrown away with it. Two stores: "things" by name, and "queue" in order of entry.

const NAME = "carder-device";

let opening = null;

function database() {
  opening ??= new Promise((resolve, reject) => {
    const request = indexedDB.open(NAME, 1);
    request.onupgradeneeded = () => {
      request.result.createObjectStore("keys");
      request.result.createObjectStore("things");
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

async function key() {
  const found = await run(["keys"], "readonly", tx => tx.objectStore("keys").get("key"));
  if (found) return found;
  const made = await crypto.subtle.generateKey({name: "AES-GCM", length: 256}, false, ["encrypt", "decrypt"]);
  // Two tabs at the same moment: the first key stands.
  await run(["keys"], "readwrite", tx => tx.objectStore("keys").add(made, "key")).catch(() => {});
  return run(["keys"], "readonly", tx => tx.objectStore("keys").get("key"));
}

async function sealBytes(bytes) {
  const iv = crypto.getRandomValues(new Uint8Array(12));
  return {iv, data: await crypto.subtle.encrypt({name: "AES-GCM", iv}, await key(), bytes)};
}

const openBytes = async sealed =>
  crypto.subtle.decrypt({name: "AES-GCM", iv: sealed.iv}, await key(), sealed.data);

const seal = value => sealBytes(new TextEncoder().encode(JSON.stringify(value)));
const unseal = async sealed => JSON.parse(new TextDecoder().decode(await openBytes(sealed)));

export async function put(name, value) {
  const sealed = await seal(value);
  await run(["things"], "readwrite", tx => tx.objectStore("things").put(sealed, name));
}

export async function get(name) {
  const sealed = await run(["things"], "readonly", tx => tx.objectStore("things").get(name));
  return sealed ? unseal(sealed) : null;
}

export async function putBytes(name, bytes) {
  const sealed = await sealBytes(bytes);
  await run(["things"], "readwrite", tx => tx.objectStore("things").put(sealed, name));
}

export async function getBytes(name) {
  const sealed = await run(["things"], "readonly", tx => tx.objectStore("things").get(name));
  return sealed ? openBytes(sealed) : null;
}

export const remove = name => run(["things"], "readwrite", tx => tx.objectStore("things").delete(name));

export const names = () => run(["things"], "readonly", tx => tx.objectStore("things").getAllKeys());

/** Puts items behind the others and, in the same step, things beside them: both are there, or neither. */
export async function enqueue(items, things = {}) {
  const sealedItems = await Promise.all(items.map(seal));
  const sealedThings = await Promise.all(Object.entries(things).map(async ([name, value]) => [name, await seal(value)]));
  await run(["queue", "things"], "readwrite", tx => {
    sealedItems.forEach(sealed => tx.objectStore("queue").add(sealed));
    sealedThings.forEach(([name, sealed]) => tx.objectStore("things").put(sealed, name));
  });
}

/** The oldest items, each with its sequence. */
export async function oldest(most) {
  const rows = await run(["queue"], "readonly", tx => tx.objectStore("queue").getAll(null, most));
  return Promise.all(rows.map(async row => ({sequence: row.sequence, ...await unseal(row)})));
}

export const drop = sequences => run(["queue"], "readwrite", tx => {
  sequences.forEach(sequence => tx.objectStore("queue").delete(sequence));
});

export const waiting = () => run(["queue"], "readonly", tx => tx.objectStore("queue").count());

/** Throws everything away, the key first: what could be left over cannot be read. */
export async function wipe() {
  await run(["keys", "things", "queue"], "readwrite", tx => {
    tx.objectStore("keys").clear();
    tx.objectStore("queue").clear();
    tx.objectStore("things").clear();
  });
  (await database()).close();
  opening = null;
  await new Promise(resolve => {
    const request = indexedDB.deleteDatabase(NAME);
    request.onsuccess = request.onerror = request.onblocked = resolve;
  });
}
