// Drafts and the sending queue of the watch page, on this device until the server has them.
// One record: {key, owner, room, state: "draft" | "waiting", fields: [[name, value]], photo: Blob?, photoName}

const NAME = "carder-watch";

function database() {
  return new Promise((resolve, reject) => {
    const opening = indexedDB.open(NAME, 1);
    opening.onupgradeneeded = () => opening.result.createObjectStore("records", {keyPath: "key"});
    opening.onsuccess = () => resolve(opening.result);
    opening.onerror = () => reject(opening.error);
  });
}

async function run(mode, work) {
  const db = await database();
  try {
    return await new Promise((resolve, reject) => {
      const transaction = db.transaction("records", mode);
      const request = work(transaction.objectStore("records"));
      transaction.oncomplete = () => resolve(request?.result);
      transaction.onerror = transaction.onabort = () => reject(transaction.error);
    });
  } finally {
    db.close();
  }
}

export const put = record => run("readwrite", store => store.put(record));
export const remove = key => run("readwrite", store => store.delete(key));
export const get = key => run("readonly", store => store.get(key));
export const all = () => run("readonly", store => store.getAll());

/** The draft of one person in one room: there is one at a time. */
export const draftKey = (owner, room) => `draft ${owner} ${room}`;

/** What a person has waiting, oldest first; ids are time-ordered. */
export function waitingOf(records, owner) {
  return records.filter(record => record.owner === owner && record.state === "waiting")
    .sort((a, b) => (a.key < b.key ? -1 : 1));
}

/** What to do after an answer: "done", "refused" (show it), "signin", or "later". */
export function verdict(status) {
  if (status === 200 || status === 201) return "done";
  if (status === 422 || status === 413) return "refused";
  if (status === 401 || status === 403) return "signin";
  return "later";
}

/** How long to wait before the next try, in ms: doubling from 2 s to a minute. */
export const pause = tries => Math.min(60_000, 2_000 * 2 ** Math.min(tries, 5));
