// What goes together, what may be let go, how long to wait.

/** Bytes of one request, well below what the server takes. */
const MOST_BYTES = 500_000;

/** How long to wait before the next try, in ms: doubling from 2 s to a minute. */
export const pause = tries => Math.min(60_000, 2_000 * 2 ** Math.min(tries, 5));

/** Which items go together: entries up to a photo, or a photo alone, because its file has to be there first; one item at least. */
export function batch(items) {
  let bytes = 0;
  const end = items.findIndex((item, at) => {
    bytes += item.sealed.data.length;
    return at > 0 && (item.type === "photo" || bytes > MOST_BYTES);
  });
  if (items[0]?.type === "photo") return items.slice(0, 1);
  return end > 0 ? items.slice(0, end) : items;
}

/** What the answer lets go, what it refused for good, and what must be uploaded anew. */
export function settle(items, results) {
  const byId = new Map(results.map(result => [result.id, result.state]));
  const are = (...states) => items.filter(item => states.includes(byId.get(item.id)));
  return {done: are("KEPT", "REFUSED"), refused: are("REFUSED"), again: are("AGAIN")};
}
