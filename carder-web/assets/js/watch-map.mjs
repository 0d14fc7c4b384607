// Movement map: where the child is, by tapping or dragging along the plan, or with a button for each zone.
import {path as calculate} from "./core.mjs";
import {clockWords, el, one, words} from "./dom.mjs";

const SVG = "http://www.w3.org/2000/svg";
// A drag leaves a mark at most this often, in mm of the room.
const STEP = 300;

function shape(name, attributes, text) {
  const element = document.createElementNS(SVG, name);
  Object.entries(attributes).forEach(([key, value]) => element.setAttribute(key, value));
  if (text) element.textContent = text;
  return element;
}

export class MapScreen {
  constructor(app) {
    this.app = app;
    this.root = one("[data-screen=map]");
    this.svg = one("[data-plan-map]", this.root);
    this.svg.addEventListener("pointerdown", event => {
      this.svg.setPointerCapture(event.pointerId);
      this.last = null;
      this.step(event);
    });
    this.svg.addEventListener("pointermove", event => event.buttons && this.step(event));
    this.root.addEventListener("click", event => {
      const zone = event.target.closest("[data-zone]");
      if (zone && zone.tagName === "BUTTON") this.arrive(zone.dataset.zone, null, null);
      if (event.target.closest("[data-map-undo]")) {
        this.app.log.undo("map");
        this.paint();
      }
    });
  }

  open() {
    this.record = this.app.log.open("map", this.app.bundle, this.app.card);
    if (!this.record.children.length) {
      this.record.children = [...this.app.chosen].slice(0, 1);
      this.app.log.note("map");
    }
    this.draw(this.app.bundle.plan);
    one("[data-map-zones]", this.root).replaceChildren(...this.app.bundle.zones.map(zone =>
      el("button", {type: "button", "data-zone": zone.id, "aria-pressed": "false"}, zone.name)));
    this.paint();
  }

  draw(plan) {
    this.svg.toggleAttribute("hidden", !plan);
    one("[data-no-plan]", this.root).hidden = !!plan;
    if (!plan) return;
    const xs = plan.outline.map(corner => corner[0]), ys = plan.outline.map(corner => corner[1]);
    const [x, y] = [Math.min(...xs) - 100, Math.min(...ys) - 100];
    this.svg.setAttribute("viewBox", `${x} ${y} ${Math.max(...xs) - x + 100} ${Math.max(...ys) - y + 100}`);
    const rectangle = (place, kind) => shape("rect", {class: kind, "data-zone": kind === "zone" ? place.id : "", x: place.x - place.width / 2, y: place.y - place.depth / 2,
      width: place.width, height: place.depth, transform: `rotate(${place.turn} ${place.x} ${place.y})`});
    this.path = shape("polyline", {class: "way", points: ""});
    this.here = shape("circle", {class: "here", r: 170, cx: -9999, cy: -9999});
    this.svg.replaceChildren(
      shape("polygon", {class: "outline", points: plan.outline.map(corner => corner.join(",")).join(" ")}),
      ...plan.zones.map(zone => rectangle(zone, "zone")), ...plan.pieces.map(piece => rectangle(piece, "piece")),
      ...plan.walls.map(([x1, y1, x2, y2]) => shape("line", {class: "wall", x1, y1, x2, y2})),
      ...plan.zones.map(zone => shape("text", {x: zone.x, y: zone.y, "text-anchor": "middle", "font-size": (Math.max(...xs) - x) / 22}, zone.name)),
      this.path, this.here);
  }

  step(event) {
    const point = new DOMPoint(event.clientX, event.clientY).matrixTransform(this.svg.getScreenCTM().inverse());
    if (this.last && Math.hypot(point.x - this.last.x, point.y - this.last.y) < STEP) return;
    this.last = point;
    const zone = document.elementsFromPoint(event.clientX, event.clientY).find(element => element.dataset?.zone)?.dataset.zone;
    this.arrive(zone ?? null, Math.round(point.x), Math.round(point.y));
  }

  arrive(zone, xMm, yMm) {
    this.app.log.add("map", {kind: "ARRIVED", child: this.record.children[0], zone, xMm, yMm});
    this.paint();
  }

  paint() {
    const figures = calculate(this.record.entries, Date.now(), this.app.bundle.zones.map(zone => zone.id));
    const name = id => this.app.bundle.zones.find(zone => zone.id === id)?.name ?? "";
    const sum = one("[data-map-sum]", this.root);
    const visited = figures.zones.filter(zone => zone.visits).map(zone => `${name(zone.zone)} ${clockWords(zone.time)}`);
    sum.textContent = `${this.app.child(this.record.children[0]).name}: ` + words(sum, "", {moves: figures.moves, zones: visited.join(", ")})
      + (figures.never.length ? words(sum, "never", {never: figures.never.map(one => name(one.zone)).join(", ")}) : "");
    const at = figures.steps.filter(step => step.zone).at(-1)?.zone;
    for (const button of one("[data-map-zones]", this.root).children) button.setAttribute("aria-pressed", String(button.dataset.zone === at));
    if (!this.app.bundle.plan) return;
    const places = figures.steps.map(step => step.x === undefined ? this.app.bundle.plan.zones.find(zone => zone.id === step.zone) : step)
      .filter(Boolean);
    this.path.setAttribute("points", places.map(place => `${place.x},${place.y}`).join(" "));
    const last = places.at(-1) ?? {x: -9999, y: -9999};
    this.here.setAttribute("cx", last.x);
    this.here.setAttribute("cy", last.y);
  }

  tick() {
    this.paint();
  }
}
