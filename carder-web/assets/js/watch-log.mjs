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

const EMPTY = {child: null, card: null, zone: null, code: "", company: "", words: "", number: null, ofNumber: null,
  xMm: null, yMm: null, target: null, correctedTo: null};

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
      await painted();
      await vault.enqueue(items, {[`record ${screen}`]: record});
    }).then(() => {
      this.sync.added(items.length);
      this.sync.afterwards();
    });
  }
}
