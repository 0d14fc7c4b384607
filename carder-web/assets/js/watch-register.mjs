// Who came and who was fetched, a press each, with a connection or without; and everyone to count by when the house is left.
import * as vault from "./watch-vault.mjs";
import {el, one, peg, words} from "./dom.mjs";
import {nextId} from "./uuid.mjs";

const KEPT = "register";

/** What is known of a child's day: what was pressed here counts until the server has told of it. What it told of another day says nothing. */
export function today(day, on, marks = []) {
  return marks.reduce(after, day?.on === on ? day : {due: "", arrived: "", left: "", away: "", untold: true});
}

function after({due, arrived, left, untold}, {what, time}) {
  const blank = {due, untold, arrived: "", left: "", away: ""};
  if (what === "ARRIVED") return {...blank, arrived: time};
  if (what === "LEFT") return {...blank, arrived, left: time};
  if (what === "AWAY") return {...blank, away: "–"};
  return left ? {...blank, arrived} : blank;
}

/** Where a child is: here, gone, away, expected, notDue, or unknown without a contact that day. */
export function where({due, arrived, left, away, untold}) {
  if (left) return "gone";
  if (arrived) return "here";
  if (away) return "away";
  if (untold) return "unknown";
  return due ? "expected" : "notDue";
}

/** Whoever may be in the house: whoever is here, whoever was expected and has not been noted, and everyone of whom nothing is known. */
export const mayBeInside = state => ["here", "expected", "unknown"].includes(state);

const ORDER = ["unknown", "expected", "here", "gone", "away", "notDue"];
const PRESSES = {unknown: ["ARRIVED", "AWAY"], expected: ["ARRIVED", "AWAY"], here: ["LEFT", "TAKEN_BACK"], gone: ["TAKEN_BACK", "ARRIVED"], away: ["ARRIVED"], notDue: ["ARRIVED"]};
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
      .map(child => ({child, day: today(child.day, on, this.marks[child.id])}))
      .map(line => ({...line, state: where(line.day)}))
      .sort((a, b) => ORDER.indexOf(a.state) - ORDER.indexOf(b.state) || a.child.name.localeCompare(b.child.name));
  }

  draw() {
    const lines = this.lines().filter(line => !this.counting || mayBeInside(line.state));
    one("[data-register]", this.root).replaceChildren(...lines.map(line => this.counting ? this.box(line) : this.line(line)));
    const button = one("[data-count]", this.root);
    button.textContent = words(button, this.counting ? "end" : "count");
    one("[data-look-for]", this.root).hidden = !this.counting;
    this.tell();
  }

  line({child, day, state}) {
    const at = {expected: day.due, here: day.arrived, gone: day.left}[state] ?? "";
    return el("li", {},
      el("span", {class: "hand-who"}, el("span", {class: "hand-name"}, ...peg(child)), el("span", {class: "hint"}, words(this.root, state, {at, why: day.away}))),
      ...PRESSES[state].map(what => el("button", {type: "button", class: state === "expected" && what === "ARRIVED" ? "action" : "button", "data-press": what, "data-child": child.id},
        words(this.root, SAID[what]), el("span", {class: "sr"}, ` ${child.name}`))));
  }

  box({child, state, day}) {
    return el("li", {}, el("label", {class: "tick"},
      el("input", {type: "checkbox", value: child.id, checked: this.safe.has(child.id)}), ...peg(child),
      el("span", {class: "hint"}, words(this.root, state, {at: state === "here" ? day.arrived : day.due}), child.care ? `. ${child.care}` : "")));
  }

  tell() {
    const counted = one("[data-counted]", this.root);
    const inside = this.lines().filter(line => mayBeInside(line.state));
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
