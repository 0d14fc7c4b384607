// A plan's things in the SVG of the page: reading them from it and drawing them into it.
const SVG = "http://www.w3.org/2000/svg";
const NUMBERS = ["x", "y", "width", "depth", "turn", "height", "places"];

export function readPlan(svg) {
  return {
    place: svg.dataset.place,
    path: Number(svg.dataset.path),
    outline: svg.querySelector("[data-carder=outline]").getAttribute("points").trim().split(/\s+/)
      .map(pair => pair.split(",").map(Number)),
    items: [...svg.querySelectorAll("[data-carder]")].filter(one => one.dataset.id !== undefined).map(readItem),
  };
}

function readItem(element) {
  const item = {what: element.dataset.carder, id: element.dataset.id};
  for (const name of ["name", "kind", "ground", "posture", "use"]) {
    if (element.dataset[name] !== undefined) item[name] = element.dataset[name];
  }
  for (const name of NUMBERS) {
    if (element.dataset[name] !== undefined) item[name] = Number(element.dataset[name]);
  }
  for (const name of ["x1", "y1", "x2", "y2"]) {
    if (element.hasAttribute(name)) item[name] = Number(element.getAttribute(name));
  }
  return item;
}

/** Draws what is new or changed, and takes away what is gone. */
export function drawPlan(svg, state, words) {
  svg.querySelector("[data-carder=outline]").setAttribute("points", state.outline.map(corner => corner.join(",")).join(" "));
  const ids = new Set(state.items.map(item => item.id));
  svg.querySelectorAll("[data-id]").forEach(element => ids.has(element.dataset.id) || element.remove());
  state.items.forEach(item => drawItem(svg, item, words));
}

export function drawItem(svg, item, words) {
  const element = svg.querySelector(`[data-id="${item.id}"]`) ?? svg.insertBefore(makeItem(item), before(svg, item.what));
  for (const [name, value] of Object.entries(item)) {
    if (["what", "x1", "y1", "x2", "y2"].includes(name)) continue;
    element.dataset[name] = value;
  }
  if (item.x1 !== undefined) {
    for (const name of ["x1", "y1", "x2", "y2"]) element.setAttribute(name, item[name]);
  } else {
    element.setAttribute("transform", `translate(${item.x} ${item.y})` + (item.turn ? ` rotate(${item.turn})` : ""));
  }
  const rect = element.querySelector("rect");
  if (rect) {
    for (const [name, value] of [["x", -item.width / 2], ["y", -item.depth / 2], ["width", item.width], ["height", item.depth]]) {
      rect.setAttribute(name, value);
    }
  }
  const text = element.querySelector("text");
  if (text) {
    const name = item.name || words.kind(item);
    text.textContent = name;
    const letter = item.what === "zone" ? 170 : Math.max(60, Math.min(130, 1.6 * Math.max(item.width, item.depth) / name.length));
    text.setAttribute("font-size", letter);
    text.setAttribute("y", item.what === "zone" ? -item.depth / 2 + 255 : letter / 3);
    text.setAttribute("transform", item.what === "zone" ? "" : `rotate(${-(item.turn || 0)})`);
  }
  element.setAttribute("tabindex", "0");
  element.setAttribute("role", "button");
  element.setAttribute("aria-label", words.describe(item));
  return element;
}

/** Zones lie below furniture, furniture below walls, adults on top. */
function before(svg, what) {
  const order = ["zone", "piece", "wall", "door", "spot"];
  const later = order.slice(order.indexOf(what) + 1);
  return [...svg.children].find(child => later.includes(child.dataset.carder) || child.matches(".blind, .handles")) ?? null;
}

function makeItem(item) {
  if (item.what === "wall" || item.what === "door") return make("line", {class: item.what, "data-carder": item.what, "data-id": item.id});
  const group = make("g", {class: item.what, "data-carder": item.what, "data-id": item.id});
  group.append(item.what === "spot" ? make("circle", {r: 200}) : make("rect", {}));
  if (item.what !== "spot") group.append(make("text", {"text-anchor": "middle"}));
  return group;
}

export function make(name, attributes) {
  const element = document.createElementNS(SVG, name);
  Object.entries(attributes).forEach(([key, value]) => element.setAttribute(key, value));
  return element;
}

/** Writes beside each side of the outline how long it is, as the server says. */
export function drawSides(svg, outline, lengths) {
  svg.querySelector(".sides")?.remove();
  const group = svg.appendChild(make("g", {class: "sides", "aria-hidden": "true"}));
  outline.forEach(([x1, y1], at) => {
    const [x2, y2] = outline[(at + 1) % outline.length];
    const length = Math.hypot(x2 - x1, y2 - y1) || 1;
    const [x, y] = [(x1 + x2) / 2 + (y2 - y1) / length * 280, (y1 + y2) / 2 - (x2 - x1) / length * 280];
    const text = make("text", {"text-anchor": "middle", "font-size": 190, transform: `translate(${x} ${y + 60})` + (Math.abs(y2 - y1) > Math.abs(x2 - x1) ? " rotate(-90)" : "")});
    text.textContent = lengths[at] ?? "";
    group.append(text);
  });
}

/** Grips of the chosen thing. Each says what it does in data-grip. */
export function drawGrips(svg, item, outline, size) {
  svg.querySelector(".handles")?.remove();
  const group = svg.appendChild(make("g", {class: "handles"}));
  const grip = (x, y, name) => group.append(make("circle", {cx: x, cy: y, r: size, "data-grip": name}));
  if (outline) outline.forEach(([x, y], at) => grip(x, y, `corner ${at}`));
  if (!item) return;
  if (item.x1 !== undefined) {
    grip(item.x1, item.y1, "end 1");
    grip(item.x2, item.y2, "end 2");
  } else if (item.width !== undefined) {
    const turn = item.turn * Math.PI / 180;
    const at = (x, y) => [item.x + x * Math.cos(turn) - y * Math.sin(turn), item.y + x * Math.sin(turn) + y * Math.cos(turn)];
    for (const [sx, sy] of [[-1, -1], [1, -1], [1, 1], [-1, 1]]) {
      grip(...at(sx * item.width / 2, sy * item.depth / 2), `size ${sx} ${sy}`);
    }
    grip(...at(0, -item.depth / 2 - 3 * size), "turn");
  }
}
