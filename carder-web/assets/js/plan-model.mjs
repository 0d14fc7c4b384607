// The plan while it is edited: plain values, no page. Lengths are millimetres, as in the file that is sent.
export const GRID = 50;
export const FINE = 10;
const FARTHEST = 60000;
const SMALLEST = 20;
const LARGEST = 30000;

const within = (value, least, most) => Math.min(most, Math.max(least, value));

/** The nearest line that something can align with, within a tolerance; else the grid. */
export function snap(value, lines = [], grid = GRID, tolerance = 80) {
  const near = lines.filter(line => Math.abs(line - value) <= tolerance)
    .sort((one, other) => Math.abs(one - value) - Math.abs(other - value))[0];
  return near ?? Math.round(value / grid) * grid;
}

/** A thing moved by so much, its edges aligned with lines where it is not turned. */
export function moved(item, dx, dy, lines = {x: [], y: []}, grid = GRID) {
  if (item.what === "wall" || item.what === "door") {
    const x = snap(item.x1 + dx, lines.x, grid) - item.x1;
    const y = snap(item.y1 + dy, lines.y, grid) - item.y1;
    return {...item, x1: place(item.x1 + x), y1: place(item.y1 + y), x2: place(item.x2 + x), y2: place(item.y2 + y)};
  }
  return {...item, x: place(aligned(item.x + dx, half(item, "x"), lines.x, grid)), y: place(aligned(item.y + dy, half(item, "y"), lines.y, grid))};
}

const place = value => within(Math.round(value), 0, FARTHEST);

function half(item, axis) {
  if (!item.width || item.turn % 90 !== 0) return 0;
  const across = item.turn % 180 === 0 ? {x: item.width, y: item.depth} : {x: item.depth, y: item.width};
  return across[axis] / 2;
}

function aligned(middle, reach, lines, grid) {
  for (const edge of [middle - reach, middle + reach]) {
    const line = lines.find(one => Math.abs(one - edge) <= 80);
    if (line !== undefined) return middle + line - edge;
  }
  return Math.round(middle / grid) * grid;
}

/** A rectangle whose corner (sx, sy of -1 or 1) was dragged to a place; the opposite corner stays. */
export function resized(item, sx, sy, toX, toY) {
  const turn = item.turn * Math.PI / 180;
  const [cos, sin] = [Math.cos(turn), Math.sin(turn)];
  const fixed = {
    x: item.x - sx * item.width / 2 * cos + sy * item.depth / 2 * sin,
    y: item.y - sx * item.width / 2 * sin - sy * item.depth / 2 * cos,
  };
  const dx = toX - fixed.x, dy = toY - fixed.y;
  const width = size(snap(sx * (dx * cos + dy * sin)));
  const depth = size(snap(sy * (-dx * sin + dy * cos)));
  return {
    ...item, width, depth,
    x: place(fixed.x + sx * width / 2 * cos - sy * depth / 2 * sin),
    y: place(fixed.y + sx * width / 2 * sin + sy * depth / 2 * cos),
  };
}

const size = value => within(Math.round(value), SMALLEST, LARGEST);

/** A thing with another width or depth about its middle. */
export const grown = (item, by, side) => ({...item, [side]: size(item[side] + by)});

/** A thing turned so that its top looks at a place, in steps of 15 degrees. */
export function turnedTowards(item, toX, toY) {
  const degrees = Math.atan2(toY - item.y, toX - item.x) * 180 / Math.PI + 90;
  return turned(item, Math.round(degrees / 15) * 15 - item.turn);
}

export const turned = (item, degrees) => ({...item, turn: (((item.turn + degrees) % 360) + 360) % 360});

/** A number in centimetres as people type it, in millimetres; undefined where it is none. */
export function millimetres(text) {
  const plain = text.trim().replace(",", ".");
  return /^\d{1,4}(\.\d)?$/.test(plain) ? Math.round(parseFloat(plain) * 10) : undefined;
}

/** What was, what is, what was undone. */
export class History {
  constructor(state) {
    this.past = [];
    this.now = state;
    this.future = [];
  }

  push(state) {
    if (JSON.stringify(state) === JSON.stringify(this.now)) return false;
    this.past = [...this.past.slice(-199), this.now];
    this.now = state;
    this.future = [];
    return true;
  }

  undo() {
    if (this.past.length === 0) return false;
    this.future = [this.now, ...this.future];
    this.now = this.past.at(-1);
    this.past = this.past.slice(0, -1);
    return true;
  }

  redo() {
    if (this.future.length === 0) return false;
    this.past = [...this.past, this.now];
    [this.now, ...this.future] = this.future;
    return true;
  }
}

const escaped = text => String(text).replace(/[&<>"]/g, sign => ({"&": "&amp;", "<": "&lt;", ">": "&gt;", "\"": "&quot;"})[sign]);

/** The plan as the file that the server reads: measures only, no drawing. */
export function toSvg(state) {
  const attributes = pairs => Object.entries(pairs).filter(([, value]) => value !== undefined)
    .map(([name, value]) => ` ${name}="${escaped(value)}"`).join("");
  const item = one => one.what === "wall" || one.what === "door"
    ? `<line${attributes({"data-carder": one.what, "data-id": one.id, x1: one.x1, y1: one.y1, x2: one.x2, y2: one.y2, "data-use": one.use})}/>`
    : `<g${attributes({
      "data-carder": one.what, "data-id": one.id, "data-name": one.name, "data-x": one.x, "data-y": one.y, "data-width": one.width,
      "data-depth": one.depth, "data-turn": one.turn, "data-kind": one.kind, "data-ground": one.ground, "data-height": one.height,
      "data-places": one.places, "data-posture": one.posture,
    })}/>`;
  return `<svg xmlns="http://www.w3.org/2000/svg"${attributes({"data-carder": "plan", "data-version": 1, "data-place": state.place, "data-path": state.path})}>`
    + `<polygon data-carder="outline" points="${state.outline.map(corner => corner.join(",")).join(" ")}"/>`
    + state.items.map(item).join("") + "</svg>";
}
