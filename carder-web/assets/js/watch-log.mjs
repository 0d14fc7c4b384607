// The log of what is tapped. It only grows: a tap is taken back or given another time by a later entry. Each entry goes
// into the queue and into the record on the device in one step.
import * as vault from "./watch-vault.mjs";
import {nextId} from "./uuid.mjs";
import {WriteLine} from "./write-line.mjs";

export const METHODS = {play: "PLAY", sample: "SAMPLE", map: "MAP", count: "COUNT", listen: "LISTEN"};

const EMPTY = {child: null, card: null, zone: null, code: "", company: "", words: "", number: null, ofNumber: null,
  xMm: null, yMm: null, target: null, correctedTo: null};

/** Entries that count: not corrections, and not taken back. */
export function standing(entries) {
  const gone = new Set(entries.filter(entry => entry.kind === "TAKEN_BACK").map(entry => entry.target));
  return entries.filter(entry => !["TAKEN_BACK", "RETIMED", "BEGIN", "END"].includes(entry.kind) && !gone.has(entry.id));
}

/** The entries about a child as the core reads them. */
export function asLog(entries, child) {
  const own = new Set(entries.filter(entry => entry.kind === "TAP" && entry.child === child).map(entry => entry.id));
  return entries.filter(entry => own.has(entry.id) || own.has(entry.target)).map(entry => ({
    id: entry.id, at: Date.parse(entry.at), entry: entry.kind, kind: entry.code || null, target: entry.target,
    happenedAt: entry.correctedTo ? Date.parse(entry.correctedTo) : 0,
  }));
}

export class Log {
  constructor(sync) {
    this.sync = sync;
    this.records = {};
    this.line = new WriteLine(full => sync.full(full));
  }

  async restore() {
    for (const screen of Object.keys(METHODS)) {
      const record = await vault.get(`record ${screen}`);
      if (record) this.records[screen] = record;
    }
  }

  /** The record of a method; a new one where there is none. */
  open(screen, bundle, card) {
    if (!this.records[screen]) {
      this.records[screen] = {id: nextId(), room: bundle.room.id, card, children: [], entries: [], startedAt: Date.now()};
      this.add(screen, {kind: "BEGIN"});
    }
    return this.records[screen];
  }

  add(screen, fields) {
    const record = this.records[screen];
    const entry = {...EMPTY, id: nextId(), record: record.id, room: record.room, card: record.card, method: METHODS[screen],
      at: new Date().toISOString(), ...fields};
    record.entries.push(entry);
    this.keep(screen, [{id: entry.id, type: "entry", entry}]);
    return entry;
  }

  /** Takes back the last entry that still stands; null where there is none. */
  undo(screen) {
    const last = standing(this.records[screen].entries).at(-1);
    if (last) this.add(screen, {kind: "TAKEN_BACK", target: last.id});
    return last ?? null;
  }

  /** Keeps who is watched, without an entry. */
  note(screen) {
    this.keep(screen, []);
  }

  end(screen) {
    this.add(screen, {kind: "END"});
    delete this.records[screen];
    this.line.add(() => vault.remove(`record ${screen}`));
  }

  keep(screen, items) {
    this.sync.adding(items.length);
    const record = this.records[screen];
    // The screen first: what was tapped is sealed and written in the next turn, behind what is on its way.
    this.line.add(async () => {
      await new Promise(turn => setTimeout(turn));
      await vault.enqueue(items, {[`record ${screen}`]: record});
    }).then(() => {
      this.sync.added(items.length);
      this.sync.afterwards();
    });
  }
}
