// Play record: taps about one or several children, drawn as a band for each. The core reckons, this draws.
import {record as reckon} from "./core.mjs";
import {asLog, standing} from "./watch-log.mjs";
import {all, clockWords, el, one, peg} from "./dom.mjs";

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
    if (!this.record.children.includes(this.active)) this.active = this.record.children[0];
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
    if (key.dataset.child) this.active = key.dataset.child;
    else if (key.dataset.tap !== undefined) this.app.log.add("play", {kind: "TAP", child: this.active, code: key.value});
    else if (key.dataset.undo !== undefined) this.app.log.undo("play");
    else if (key.dataset.takeBack) this.app.log.add("play", {kind: "TAKEN_BACK", target: key.dataset.takeBack});
    else return;
    // A tap shows in its own band at once; the others follow with the clock.
    if (key.dataset.tap === undefined && !key.dataset.child) this.paint();
    else this.paintActive();
    this.drawTimes();
  }

  /** Draws all bands as they stand now. */
  paint() {
    all(".hand-band", this.bands).forEach(row => this.paintRow(row));
    this.paintActive();
  }

  paintActive() {
    for (const row of all(".hand-band", this.bands)) {
      const active = row.dataset.child === this.active;
      row.setAttribute("aria-pressed", String(active));
      if (active) this.paintRow(row);
    }
    const care = this.app.child(this.active)?.care ?? "";
    one("[data-active-care]", this.root).textContent = care;
    one("[data-active-care]", this.root).hidden = !care;
    one("[data-undo]", this.root).disabled = !standing(this.record.entries).length;
  }

  paintRow(row) {
    const now = Date.now();
    const from = this.record.startedAt;
    const until = Math.max(now, from + SHORTEST_BAND);
    const figures = reckon(asLog(this.record.entries, row.dataset.child), from, now);
    drawBand(row.querySelector("svg.band"), figures, (now - from) / (until - from));
    row.querySelector(".hand-band-sum").textContent = sum(figures);
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
      reckon(asLog(this.record.entries, child), this.record.startedAt, Date.now()).taps.map(tap => ({...tap, child})));
    rows.sort((a, b) => b.at - a.at);
    times.querySelector("ul").replaceChildren(...rows.map(tap => el("li", {},
      el("span", {}, `${this.app.child(tap.child).name}: ${this.kindWords(tap.kind)}`),
      el("label", {}, el("span", {class: "sr"}, "Time"), el("input", {type: "time", step: "1", value: timeOfDay(tap.at), "data-retime": tap.id, "data-at": tap.at})),
      el("button", {type: "button", class: "button small", "data-take-back": tap.id}, "Take back"))));
  }

  retime(input) {
    if (!input.dataset.retime || !input.value) return;
    const at = new Date(Number(input.dataset.at));
    const [h, m, s = 0] = input.value.split(":").map(Number);
    at.setHours(h, m, s, 0);
    this.app.log.add("play", {kind: "RETIMED", target: input.dataset.retime, correctedTo: at.toISOString()});
    this.paint();
  }

  kindWords(kind) {
    return one(`[data-tap][value=${kind}]`, this.root).textContent;
  }
}

function sum(figures) {
  if (!figures.taps.length) return "nothing tapped yet";
  const parts = [`engaged ${clockWords(figures.engaged)}`, `longest ${clockWords(figures.longest)}`];
  const broken = figures.breakInsByAdults + figures.breakInsByChildren;
  if (broken) parts.push(`${broken} broke in, back after ${figures.returned}`);
  if (figures.repeats) parts.push(`again ${figures.repeats}`);
  return parts.join(" · ");
}

/** Bars and ticks in permille, squeezed to how much of the band is over. */
function drawBand(svg, figures, over) {
  const shape = (name, attributes) => {
    const element = document.createElementNS(SVG, name);
    Object.entries(attributes).forEach(([key, value]) => element.setAttribute(key, value));
    return element;
  };
  svg.replaceChildren(
    shape("rect", {class: "ground", x: 0, y: 0, width: 1000, height: 60}),
    ...figures.bars.map(bar => shape("rect", {class: bar.fill.toLowerCase(), x: bar.start * over, y: bar.fill === "PLAY" ? 8 : 22,
      width: bar.width * over, height: bar.fill === "PLAY" ? 44 : 16})),
    ...figures.ticks.map(tick => ({tick, width: tick.kind.endsWith("BROKE_IN") ? 14 : 5})).map(({tick, width}) =>
      shape("rect", {class: `tick ${tick.kind.toLowerCase()}`, x: tick.at * over - width / 2, y: 0, width, height: 60})));
}

function timeOfDay(at) {
  const date = new Date(at);
  return [date.getHours(), date.getMinutes(), date.getSeconds()].map(part => String(part).padStart(2, "0")).join(":");
}
