// Counts and checks, each under a name: tallies, tries with the help they took, checks, scores, groups, comparisons and
// a timed minute.
import {counted} from "./core.mjs";
import "./core-words.mjs";
import {el, one, said, words} from "./dom.mjs";

const MINUTE = 60_000;

export class CountScreen {
  constructor(app) {
    this.app = app;
    this.root = one("[data-screen=count]");
    this.root.addEventListener("click", event => this.press(event.target.closest("button")));
    one("[data-values]", this.root).addEventListener("input", () => this.drawTargets());
  }

  open() {
    this.record = this.app.log.open("count", this.app.bundle, this.app.card);
    const added = [...this.app.chosen].filter(id => !this.record.children.includes(id));
    this.record.children.push(...added);
    if (!this.record.children.includes(this.record.active)) this.record.active = this.record.children[0];
    const card = this.app.bundle.cards.find(card => card.id === this.app.card);
    one("#what-list").replaceChildren(...(card?.ladder ?? card?.rungs ?? []).map(step => el("option", {value: step.words})));
    this.drawTargets();
    this.paint();
    this.tick();
  }

  drawTargets() {
    const values = [...new Set(one("[data-values]", this.root).value.split(/\D+/).filter(Boolean).map(Number))].filter(value => value < 1000);
    one("[data-targets]", this.root).replaceChildren(...values.map(value => el("button", {type: "button", "data-target": value}, value ? said("hit", {value}) : said("missed"))));
  }

  press(key) {
    if (!key) return;
    const data = key.dataset;
    const number = name => { const text = one(`[data-${name}]`, this.root).value; return text === "" ? null : Number(text); };
    const what = one("[data-what]", this.root).value.trim();
    if (data.child) this.mark(data.child);
    else if (data.countUndo !== undefined) this.app.log.undo("count");
    else if (data.target !== undefined) this.add({kind: "TURN", words: what || "target", number: Number(data.target)});
    else if (data.compare) this.add({kind: "COMPARE", words: one("[data-object]", this.root).value.trim(), code: data.compare});
    else if (data.groupKeep !== undefined) this.add({kind: "GROUP", words: one("[data-group]", this.root).value.trim(), number: number("group-n")});
    else if (data.tally) this.add({kind: "TALLY", words: what, number: Number(data.tally)});
    else if (data.try) this.add({kind: "TRY", words: what, number: Number(data.try), code: key.value});
    else if (data.check !== undefined) this.add({kind: "CHECK", words: what, number: number("check-n"), ofNumber: number("check-m")});
    else if (data.minute !== undefined) this.minute(what);
    this.paint();
  }

  /** Whom the next count is of; kept with the record, so that it is the same after a reload. */
  mark(child) {
    this.record.active = child;
    this.app.log.note("count");
  }

  add(fields) {
    const missing = !fields.words || fields.number === null || (fields.kind === "CHECK" && !fields.ofNumber);
    const fault = one("[data-count-fault]", this.root);
    fault.hidden = !missing;
    if (missing) {
      fault.textContent = words(fault);
      one("[data-what]", this.root).focus();
      return;
    }
    this.app.log.add("count", {child: this.record.active, ...fields});
  }

  /** The first press begins the minute, each one after that counts; when it is over the count is kept, for who played. */
  minute(what) {
    const running = this.record.minute;
    if (!running && !what) return this.add({kind: "MINUTE", words: what});
    this.record.minute = running ? {...running, number: running.number + 1} : {ends: Date.now() + MINUTE, child: this.record.active, words: what, number: 0};
    this.app.log.note("count");
    this.tick();
  }

  tick() {
    const key = one("[data-minute]", this.root);
    if (this.record.minute && Date.now() >= this.record.minute.ends) {
      const {child, words: what, number} = this.record.minute;
      this.record.minute = null;
      this.add({kind: "MINUTE", child, words: what, number, ofNumber: MINUTE / 1000});
      this.paint();
    }
    const running = this.record.minute;
    key.textContent = running ? words(key, "", {left: Math.ceil((running.ends - Date.now()) / 1000)}) : words(key, "idle");
    one("[data-minute-n]", this.root).textContent = running ? running.number : "";
  }

  paint() {
    one("[data-count-children]", this.root).replaceChildren(...this.record.children.map(id =>
      el("button", {type: "button", "data-child": id, "aria-pressed": String(id === this.record.active)}, this.app.child(id).name)));
    const lines = this.record.children.flatMap(child => counted(this.record.entries, child).map(({line}) => `${this.app.child(child).name}, ${line}`));
    one("[data-counts]", this.root).replaceChildren(...lines.map(line => el("li", {}, line)));
  }
}
