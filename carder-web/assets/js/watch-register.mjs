// Who came and who was fetched, a press each, with a connection or without; and everyone to count by when the house is left.
import * as vault from "./watch-vault.mjs";
import {day as known} from "./core.mjs";
import {el, one, peg, words} from "./dom.mjs";
import {nextId} from "./uuid.mjs";

const KEPT = "register";

/** What is known of a child's day. What the server told of another day says nothing of this one. */
export const today = (day, on, presses = []) => known(day?.on === on ? day : null, presses);

const ORDER = ["UNTOLD", "EXPECTED", "HERE", "LEFT", "AWAY", "NOT_DUE"];
const PRESSES = {UNTOLD: ["ARRIVED", "AWAY"], EXPECTED: ["ARRIVED", "AWAY"], HERE: ["LEFT", "TAKEN_BACK"], LEFT: ["TAKEN_BACK", "ARRIVED"], AWAY: ["ARRIVED"], NOT_DUE: ["ARRIVED"]};
const WHERE = {UNTOLD: "unknown", EXPECTED: "expected", HERE: "here", LEFT: "gone", AWAY: "away", NOT_DUE: "notDue"};
const SAID = {ARRIVED: "arrived", AWAY: "doesNotCome", LEFT: "fetched", TAKEN_BACK: "wrong"};

export class RegisterScreen {
  constructor(app) {
    this.app = app;
    this.root = one("[data-screen=register]");
    this.safe = new Set();
    this.counting = false;
    this.root.addEventListener("click", event => {
      const button = event.target.closest("button");
      if (button?.dataset.press) this.press(button.dataset.child, button.dataset.press);
      else if (button?.dataset.count !== undefined) this.count();
    });
    this.root.addEventListener("change", event => {
      if (event.target.checked) this.safe.add(event.target.value);
      else this.safe.delete(event.target.value);
      this.tell();
    });
  }

  async open() {
    await this.restore();
    this.counting = false;
    this.safe.clear();
    this.draw();
  }

  /** Presses of other days are past; those that the server has told of since are in what it told. */
  async restore() {
    const kept = await vault.get(KEPT);
    this.marks = kept?.on === this.app.today() ? kept.marks : {};
  }

  /** The server's word is newer than what was pressed here, once all of that is sent. */
  async loaded() {
    if (this.app.sync.waiting) return;
    this.marks = {};
    await vault.put(KEPT, {on: this.app.today(), marks: {}});
    if (this.app.screen === "register") this.draw();
  }

  lines() {
    const on = this.app.today();
    return this.app.bundle.children
      .map(child => ({child, ...today(child.day, on, this.marks[child.id])}))
      .sort((a, b) => ORDER.indexOf(a.presence) - ORDER.indexOf(b.presence) || a.child.name.localeCompare(b.child.name));
  }

  draw() {
    const lines = this.lines().filter(line => !this.counting || line.mayBeInside);
    one("[data-register]", this.root).replaceChildren(...lines.map(line => this.counting ? this.box(line) : this.line(line)));
    const button = one("[data-count]", this.root);
    button.textContent = words(button, this.counting ? "end" : "count");
    one("[data-look-for]", this.root).hidden = !this.counting;
    this.tell();
  }

  line(line) {
    const {child, presence} = line;
    return el("li", {},
      el("span", {class: "hand-who"}, el("span", {class: "hand-name"}, ...peg(child)), el("span", {class: "hint"}, this.whereabouts(line))),
      ...PRESSES[presence].map(what => el("button", {type: "button", class: presence === "EXPECTED" && what === "ARRIVED" ? "action" : "button", "data-press": what, "data-child": child.id},
        words(this.root, SAID[what]), el("span", {class: "sr"}, ` ${child.name}`))));
  }

  box(line) {
    const {child} = line;
    return el("li", {}, el("label", {class: "tick"},
      el("input", {type: "checkbox", value: child.id, checked: this.safe.has(child.id)}), ...peg(child),
      el("span", {class: "hint"}, this.whereabouts(line), child.care ? `. ${child.care}` : "")));
  }

  /** The reason is the server's; a press here gives none. */
  whereabouts({child, presence, arrived, left}) {
    const at = {EXPECTED: child.day?.due, HERE: arrived, LEFT: left}[presence] ?? "";
    return words(this.root, WHERE[presence], {at, why: this.marks[child.id] ? "–" : child.day?.away});
  }

  tell() {
    const counted = one("[data-counted]", this.root);
    const inside = this.lines().filter(line => line.mayBeInside);
    counted.hidden = !this.counting;
    counted.textContent = words(counted, "", {safe: inside.filter(line => this.safe.has(line.child.id)).length, all: inside.length});
  }

  count() {
    this.counting = !this.counting;
    this.safe.clear();
    this.draw();
  }

  /** Kept here first, then sent: a press is never lost. */
  async press(child, what) {
    const id = nextId();
    this.marks[child] = [...this.marks[child] ?? [], {what, time: this.app.timeOfDay()}];
    this.draw();
    this.app.sync.adding(1);
    await this.app.log.line.add(() => vault.put(KEPT, {on: this.app.today(), marks: this.marks}));
    await this.app.log.line.add(() => vault.enqueue([{id, type: "register", register: {id, child, what, at: new Date().toISOString()}}]));
    this.app.sync.added(1);
    this.app.sync.afterwards();
  }
}
