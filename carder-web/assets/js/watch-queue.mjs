// What goes together, what may be let go, how long to wait.

/** How long to wait before the next try, in ms: doubling from 2 s to a minute. */
export const pause = tries => Math.min(60_000, 2_000 * 2 ** Math.min(tries, 5));

/** Which items go together: entries up to a photo, or a photo alone, because its file has to be there first. */
export function batch(items) {
  const photo = items.findIndex(item => item.type === "photo");
  if (photo === 0) return items.slice(0, 1);
  return photo > 0 ? items.slice(0, photo) : items;
}

/** What the answer lets go, and what it refused for good. */
export function settle(items, results) {
  const byId = new Map(results.map(result => [result.id, result]));
  const done = [], refused = [], again = [];
  for (const item of items) {
    const result = byId.get(item.id);
    if (!result) continue;
    if (result.state === "AGAIN") again.push(item);
    else done.push(item);
    if (result.state === "REFUSED") refused.push({...item, why: result.why});
  }
  return {done, refused, again};
}

const HOUR = 3_600_000;
const DAY = 24 * HOUR;

/**
 * What the time without contact asks for. From half of it on its end is told; at its end all is wiped. What is not sent
 * goes only after it was told of for a day: until then the device is closed and shows nothing.
 * @param contact {at, keeps, warnedAt}, in ms; warnedAt where unsent records have been told of since
 */
export function deadline({at, keeps, warnedAt}, waiting, now) {
  const quiet = now - at;
  const untilTold = waiting ? (warnedAt ?? now) + DAY - now : 0;
  return {wipe: quiet >= keeps && untilTold <= 0, closed: quiet >= keeps && untilTold > 0, warn: quiet >= keeps / 2,
    days: Math.floor(quiet / DAY), left: Math.max(0, Math.ceil((keeps - quiet) / DAY)), hours: Math.ceil(untilTold / HOUR)};
}
