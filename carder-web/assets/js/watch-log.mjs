// The log of what is tapped. It only grows: a tap is taken back or given another time by a later entry. Each entry goes
// into the queue and into the record on the device in one step.
import * as vault from "./watch-vault.mjs";
import {latest} from "./core.mjs";
import {nextId} from "./uuid.mjs";
import {WriteLine} from "./write-line.mjs";

export const METHODS = {play: "PLAY", sample: "SAMPLE", map: "MAP", count: "COUNT", listen: "LISTEN"};

/** After the next frame is on the screen; soon, too, where nothing is drawn: nobody looks, or there is no screen. */
const painted = () => new Promise(done => {
  setTimeout(done, 50);
  globalThis.requestAnimationFrame?.(() => setTimeout(done));
});

/** A record lies on the device in pieces of so many entries, so that a tap writes the last of them again and not all. */
const PIECE = 20;
/** Who is marked is kept this long after, ms: the next tap keeps it too, and mostly comes sooner. */
const MARKED = 300;

const EMPTY = {child: null, card: null, zone: null, code: "", company: "", words: "", number: null, ofNumber: null,
  xMm: null, yMm: null, target: null, correctedTo: null};

export class Log {
  constructor(sync) {
    this.sync = sync;
    this.records = {};
    /** How many entries of each record are on the device. */
    this.written = {};
    /** What the next write takes along; null where it has begun. */
    this.next = null;
    /** The screen whose marked child is not on its way yet. */
    this.marks = null;
    this.line = new WriteLine(full => sync.full(full));
  }

  async restore() {
    for (const screen of Object.keys(METHODS)) {
      const record = await vault.get(`record ${screen}`);
      if (!record) continue;
      // As it lay there before records came in pieces.
      if (Array.isArray(record.entries)) this.written[screen] = 0;
      else {
        const pieces = Array.from({length: Math.ceil(record.entries / PIECE)}, (_, at) => vault.get(`record ${screen} ${at}`));
        this.written[screen] = record.entries;
        record.entries = (await Promise.all(pieces)).flat();
      }
      this.records[screen] = record;
    }
  }

  /** The record of a method; a new one where there is none. */
  open(screen, bundle, card) {
    if (!this.records[screen]) {
      this.records[screen] = {id: nextId(), room: bundle.room.id, card, children: [], entries: [], startedAt: Date.now()};
      this.written[screen] = 0;
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

  /** What was entered last and still counts; undefined where there is nothing. */
  latest(screen) {
    const id = latest(this.records[screen].entries);
    return this.records[screen].entries.find(entry => entry.id === id);
  }

  /** Takes back what was entered last and still counts; gives it, or undefined where there is nothing. */
  undo(screen) {
    const last = this.latest(screen);
    if (last) this.add(screen, {kind: "TAKEN_BACK", target: last.id});
    return last;
  }

  /** Keeps who is watched, without an entry. */
  note(screen) {
    this.keep(screen, []);
  }

  /** Keeps whom the next tap is about, with that tap or a little later. */
  mark(screen) {
    clearTimeout(this.marking);
    this.marks = screen;
    this.marking = setTimeout(() => this.settle(), MARKED);
  }

  /** Resolves once all is on the device, whom the next tap is about included. */
  settle() {
    clearTimeout(this.marking);
    if (this.marks in this.records) this.note(this.marks);
    return this.line.last;
  }

  end(screen) {
    this.add(screen, {kind: "END"});
    delete this.records[screen];
    this.next = null;
    this.line.add(() => vault.removeAll(`record ${screen}`));
  }

  keep(screen, items) {
    this.sync.adding(items.length);
    if (this.marks === screen) {
      clearTimeout(this.marking);
      this.marks = null;
    }
    // What is entered while a write waits for its turn goes with it, in the same step.
    if (!this.next) {
      this.next = {items: [], records: new Map()};
      this.write(this.next);
    }
    this.next.items.push(...items);
    this.next.records.set(screen, this.records[screen]);
  }

  write(next) {
    this.line.add(async () => {
      // The screen first: what was tapped is sealed and written in the next turn, behind what is on its way.
      await painted();
      if (this.next === next) this.next = null;
      const things = Object.assign({}, ...[...next.records].map(([screen, record]) => this.pieces(screen, record)));
      await vault.enqueue(next.items, things);
      next.records.forEach((record, screen) => {
        if (record === this.records[screen]) this.written[screen] = things[`record ${screen}`].entries;
      });
    }).then(() => {
      this.sync.added(next.items.length);
      this.sync.afterwards();
    });
  }

  /** The head of a record, and those pieces of its entries that are not on the device as they are. */
  pieces(screen, record) {
    const {entries, ...head} = record;
    const things = {[`record ${screen}`]: {...head, entries: entries.length}};
    const from = record === this.records[screen] ? this.written[screen] : 0;
    for (let at = Math.floor(from / PIECE); at * PIECE < entries.length; at++) {
      things[`record ${screen} ${at}`] = entries.slice(at * PIECE, (at + 1) * PIECE);
    }
    return things;
  }
}
