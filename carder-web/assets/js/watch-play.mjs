// Play record: taps about one or several children, drawn as a band for each. The core works out, this draws.
import {record as calculate, taps} from "./core.mjs";
import {all, clockWords, el, one, peg, said, show, words} from "./dom.mjs";

const SVG = "http://www.w3.org/2000/svg";
const SHORTEST_BAND = 120_000;

export class PlayScreen {
  constructor(app) {
    this.app = app;
    this.root = one("[data-screen=play]");
    this.bands = one("[data-bands]", this.root);
    this.root.addEventListener("click", event => this.press(event));
    one("[data-times]", this.root).addEventListener("toggle", () => this.drawTimes());
    one("[data-times]", this.root).addEventListener("change", event => this.retime(event.target));
  }

  open() {
    this.record = this.app.log.open("play", this.app.bundle, this.app.card);
    const added = [...this.app.chosen].filter(id => !this.record.children.includes(id));
    if (added.length) {
      this.record.children.push(...added);
      this.app.log.note("play");
    }
    if (!this.record.children.includes(this.record.active)) this.record.active = this.record.children[0];
    this.say("");
    this.bands.replaceChildren(...this.record.children.map(id => this.row(id)));
    this.paint();
  }

  row(id) {
    const child = this.app.child(id);
    const svg = document.createElementNS(SVG, "svg");
    svg.setAttribute("viewBox", "0 0 1000 60");
    svg.setAttribute("preserveAspectRatio", "none");
    svg.setAttribute("aria-hidden", "true");
    svg.setAttribute("class", "band");
    return el("button", {type: "button", class: "hand-band", "data-child": id, "aria-pressed": "false"},
      el("span", {class: "hand-band-name"}, ...peg(child)), svg, el("span", {class: "hand-band-sum"}));
  }

  press(event) {
    const key = event.target.closest("button");
    if (!key) return;
    this.say("");
    if (key.dataset.child) this.mark(key.dataset.child);
    else if (key.dataset.tap !== undefined) this.app.log.add("play", {kind: "TAP", child: this.record.active, code: key.value});
    else if (key.dataset.undo !== undefined) this.undo();
    else if (key.dataset.takeBack) this.app.log.add("play", {kind: "TAKEN_BACK", target: key.dataset.takeBack});
    else return;
    // A tap shows in its own band at once; the others follow with the clock.
    if (key.dataset.tap !== undefined) {
      this.tell(this.paintActive(), key.value);
      // What was just tapped can be undone, without asking the core.
      one("[data-undo]", this.root).disabled = false;
    } else if (key.dataset.child) this.paintActive();
    else this.paint();
    this.drawTimes();
  }

  /** Whom the next tap is about; kept with the record, so that it is the same after a reload. */
  mark(child) {
    this.record.active = child;
    this.app.log.mark("play");
  }

  /** The child of what is undone is marked, because its band is what changes. */
  undo() {
    const undone = this.app.log.undo("play");
    if (!undone) return;
    this.mark(undone.child);
    this.say("undone", {name: this.app.child(undone.child).name, what: this.kindWords(undone.code)});
  }

  /** Says where a tap changes no figure, and why. */
  tell(figures, kind) {
    if (figures.effect === "COUNTS") return;
    const name = figures.effect.toLowerCase().replace(/_(\w)/g, (_, letter) => letter.toUpperCase());
    this.say(name, {name: this.app.child(this.record.active).name, what: this.kindWords(kind)});
  }

  say(name, values) {
    const line = one("[data-tap-said]", this.root);
    show(line, name ? words(line, name, values) : "");
  }

  /** Draws all bands as they stand now. */
  paint() {
    all(".hand-band", this.bands).forEach(row => this.paintRow(row));
    this.paintActive();
    one("[data-undo]", this.root).disabled = !this.app.log.latest("play");
  }

  paintActive() {
    let figures;
    for (const row of all(".hand-band", this.bands)) {
      const active = row.dataset.child === this.record.active;
      if (row.getAttribute("aria-pressed") !== String(active)) row.setAttribute("aria-pressed", String(active));
      if (active) figures = this.paintRow(row);
    }
    const care = this.app.child(this.record.active)?.care ?? "";
    const line = one("[data-active-care]", this.root);
    show(line, care);
    line.hidden = !care;
    return figures;
  }

  paintRow(row) {
    const figures = this.figures(row.dataset.child);
    drawBand(row.querySelector("svg.band"), figures.shapes);
    show(row.querySelector(".hand-band-sum"), sum(figures));
    return figures;
  }

  figures(child) {
    return calculate(this.record.entries, child, this.record.startedAt, Date.now(), SHORTEST_BAND);
  }

  /** One band after the other, so that a tick never keeps a tap waiting. */
  tick() {
    if (document.hidden) return;
    const rows = all(".hand-band", this.bands);
    this.turn = ((this.turn ?? 0) + 1) % rows.length;
    this.paintRow(rows[this.turn]);
  }

  drawTimes() {
    const times = one("[data-times]", this.root);
    if (!times.open) return;
    const rows = this.record.children.flatMap(child =>
      taps(this.record.entries, child).map(tap => ({...tap, child})));
    rows.sort((a, b) => b.at - a.at);
    times.querySelector("ul").replaceChildren(...rows.map(tap => el("li", {},
      el("span", {}, `${this.app.child(tap.child).name}: ${this.kindWords(tap.kind)}`),
      el("label", {}, el("span", {class: "sr"}, said("time")), el("input", {type: "time", step: "1", value: timeOfDay(tap.at + this.app.ahead), "data-retime": tap.id, "data-at": tap.at})),
      el("button", {type: "button", class: "button small", "data-take-back": tap.id}, said("takeBack")))));
  }

  retime(input) {
    if (!input.dataset.retime || !input.value) return;
    const at = new Date(Number(input.dataset.at) + this.app.ahead);
    const [h, m, s = 0] = input.value.split(":").map(Number);
    at.setHours(h, m, s, 0);
    this.app.log.add("play", {kind: "RETIMED", target: input.dataset.retime, correctedTo: new Date(at.getTime() - this.app.ahead).toISOString()});
    this.paint();
  }

  kindWords(kind) {
    return one(`[data-tap][value=${kind}]`, this.root).textContent;
  }
}

function sum(figures) {
  if (!figures.tapped) return said("nothingTapped");
  const parts = [said("engaged", {time: clockWords(figures.engaged)}), said("longest", {time: clockWords(figures.longest)})];
  const broken = figures.interruptionsByAdults + figures.interruptionsByChildren;
  if (broken) parts.push(said("interrupted", {times: broken, back: figures.returned}));
  if (figures.repeats) parts.push(said("again", {times: figures.repeats}));
  return parts.join(" · ");
}

/** One path for each style, used again for the next drawing: a band of an hour has hundreds of boxes. */
function drawBand(svg, shapes) {
  const paths = new Map();
  for (const {style, boxes} of shapes) {
    let path = "";
    for (let at = 0; at < boxes.length; at += 4) path += `M${boxes[at]} ${boxes[at + 1]}h${boxes[at + 2]}v${boxes[at + 3]}h${-boxes[at + 2]}z`;
    paths.set(style, path);
  }
  const drawn = [...svg.children];
  [...paths].forEach(([style, path], at) => {
    const element = drawn[at] ?? svg.appendChild(document.createElementNS(SVG, "path"));
    if (element.getAttribute("class") !== style) element.setAttribute("class", style);
    if (element.getAttribute("d") !== path) element.setAttribute("d", path);
  });
  drawn.slice(paths.size).forEach(element => element.remove());
}

function timeOfDay(at) {
  const date = new Date(at);
  return [date.getHours(), date.getMinutes(), date.getSeconds()].map(part => String(part).padStart(2, "0")).join(":");
}
