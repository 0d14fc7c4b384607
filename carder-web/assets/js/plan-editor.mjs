// Edits a plan by mouse, touch and keys. Markup: [data-plan] around the plan's SVG, with data-url and data-edition; the buttons and
// fields around it are found by their data- attributes. Each stroke is kept; the server looks the plan over and answers with the margin.
import {FINE, GRID, History, grown, millimetres, moved, resized, snap, toSvg, turned, turnedTowards} from "./plan-model.mjs";
import {drawGrips, drawPlan, drawSides, make, readPlan} from "./plan-drawing.mjs";
import {said} from "./dom.mjs";
import {Saver} from "./plan-saver.mjs";
import {nextId} from "./uuid.mjs";

const find = name => document.querySelector(`[data-plan-${name}]`);

class Editor {
  constructor(frame) {
    this.frame = frame;
    this.svg = frame.querySelector("svg");
    this.words = words();
    this.chosen = null;
    this.history = new History(readPlan(this.svg));
    this.unsent = `carder.plan.${frame.dataset.url}.${this.state.place}`;
    this.blind = this.svg.appendChild(make("path", {class: "blind", "fill-rule": "evenodd"}));
    this.saver = new Saver({
      send: (svg, edition) => this.send(`?edition=${edition}`, svg),
      keep: svg => svg === null ? localStorage.removeItem(this.unsent) : localStorage.setItem(this.unsent, svg),
      tell: (what, answer) => this.tell(what, answer),
      edition: Number(frame.dataset.edition),
    });
    this.showLook(document.getElementById("look").firstElementChild);
    if (frame.dataset.edit === "yes") this.wire();
  }

  get state() {
    return this.history.now;
  }

  item(id = this.chosen) {
    return this.state.items.find(one => one.id === id);
  }

  wire() {
    const kept = localStorage.getItem(this.unsent);
    if (kept) {
      const box = document.createElement("div");
      box.innerHTML = kept;
      this.history.push(readPlan(box.firstElementChild));
      this.saver.save(kept);
    }
    drawPlan(this.svg, this.state, this.words);
    const outline = this.svg.querySelector("[data-carder=outline]");
    outline.setAttribute("tabindex", "0");
    outline.setAttribute("role", "button");
    outline.setAttribute("aria-label", said("walls"));
    this.svg.addEventListener("pointerdown", event => this.press(event));
    this.svg.addEventListener("pointermove", event => this.drag(event));
    for (const end of ["pointerup", "pointercancel"]) this.svg.addEventListener(end, event => this.drop(event));
    this.svg.addEventListener("keydown", event => this.key(event));
    this.svg.addEventListener("focusin", event => this.focused(event));
    document.addEventListener("keydown", event => this.undoKey(event));
    document.addEventListener("click", event => this.click(event));
    find("thing").addEventListener("change", event => this.typed(event.target));
    find("thing").addEventListener("submit", event => event.preventDefault());
    find("spots").addEventListener("submit", event => this.propose(event));
    find("blind").addEventListener("change", () => this.showBlind());
    this.buttons();
  }

  // --- mouse and touch

  press(event) {
    const grip = event.target.closest("[data-grip]");
    const element = event.target.closest("[data-carder]");
    const outline = element?.dataset.carder === "outline";
    if (!grip && !element) return;
    if (grip) {
      event.preventDefault();
    } else if (outline) {
      this.choose(nearEdge(this.at(event), this.state.outline, this.gripSize() * 1.5) ? "outline" : null);
      return;
    } else {
      this.choose(element.dataset.id);
      element.focus({preventScroll: true});
    }
    this.svg.setPointerCapture(event.pointerId);
    this.stroke = {grip: grip?.dataset.grip, from: this.at(event), before: this.state, item: this.item()};
  }

  drag(event) {
    if (!this.stroke) return;
    const to = this.at(event);
    const {grip, from, item, before} = this.stroke;
    const [kind, one, other] = (grip ?? "").split(" ");
    let next;
    if (kind === "corner") {
      const corner = [snap(to.x), snap(to.y)].map(value => Math.max(0, value));
      next = {...before, outline: before.outline.map((old, at) => at === Number(one) ? corner : old)};
    } else {
      const lines = this.lines(item.id);
      const changed = kind === "size" ? resized(item, Number(one), Number(other), to.x, to.y)
        : kind === "turn" ? turnedTowards(item, to.x, to.y)
          : kind === "end" ? {...item, [`x${one}`]: Math.max(0, snap(to.x, lines.x)), [`y${one}`]: Math.max(0, snap(to.y, lines.y))}
            : moved(item, to.x - from.x, to.y - from.y, lines);
      next = {...before, items: before.items.map(old => old.id === item.id ? changed : old)};
    }
    this.stroke.next = next;
    this.show(next);
    this.lookSoon(next);
  }

  drop() {
    const next = this.stroke?.next;
    this.stroke = null;
    if (next) this.commit(next);
  }

  at(event) {
    const matrix = this.svg.getScreenCTM();
    return {x: (event.clientX - matrix.e) / matrix.a, y: (event.clientY - matrix.f) / matrix.d};
  }

  /** Lines that edges align with: the outer walls and the edges of what is not turned. */
  lines(but) {
    const lines = {x: this.state.outline.map(corner => corner[0]), y: this.state.outline.map(corner => corner[1])};
    for (const item of this.state.items) {
      if (item.id === but || item.what !== "piece" || item.turn % 180 !== 0) continue;
      lines.x.push(item.x - item.width / 2, item.x + item.width / 2);
      lines.y.push(item.y - item.depth / 2, item.y + item.depth / 2);
    }
    return lines;
  }

  // --- keys

  key(event) {
    const item = this.item();
    const step = event.shiftKey ? FINE : GRID;
    const ways = {ArrowLeft: [-step, 0], ArrowRight: [step, 0], ArrowUp: [0, -step], ArrowDown: [0, step]};
    if (event.target.matches("[data-carder=outline]") && (event.key === "Enter" || event.key === " ")) {
      event.preventDefault();
      this.choose("outline");
    } else if (item && ways[event.key]) {
      event.preventDefault();
      this.change(moved(item, ...ways[event.key], undefined, step));
    } else if (item?.width && (event.key === "[" || event.key === "]")) {
      this.change(turned(item, event.key === "[" ? -15 : 15));
    } else if (item?.width && ["+", "-", "*", "_"].includes(event.key)) {
      this.change(grown(item, event.key === "+" || event.key === "*" ? GRID : -GRID, event.shiftKey && event.key !== "+" || event.key === "_" ? "depth" : "width"));
    } else if (item && (event.key === "Delete" || event.key === "Backspace")) {
      event.preventDefault();
      this.remove();
    }
  }

  undoKey(event) {
    if (!(event.ctrlKey || event.metaKey) || /^(input|textarea|select)$/i.test(event.target.tagName)) return;
    const key = event.key.toLowerCase();
    if (key === "z" && !event.shiftKey) this.step("undo", event);
    if (key === "y" || key === "z" && event.shiftKey) this.step("redo", event);
  }

  focused(event) {
    const id = event.target.closest("[data-id]")?.dataset.id;
    if (id && id !== this.chosen) this.choose(id);
  }

  // --- buttons and fields

  click(event) {
    const add = event.target.closest("[data-add]");
    if (add) this.add(add);
    else if (event.target.closest("[data-plan-undo]")) this.step("undo", event);
    else if (event.target.closest("[data-plan-redo]")) this.step("redo", event);
    else if (event.target.closest("[data-thing-remove]")) this.remove();
    else if (event.target.closest("[data-plan-use]")) this.useSpots();
    else if (event.target.closest("[data-plan-mine]")) this.saver.overwrite(this.theirs);
    else if (event.target.closest("[data-plan-theirs]")) this.takeTheirs();
  }

  add(button) {
    const what = button.dataset.add;
    const box = this.svg.querySelector("[data-carder=outline]").getBBox();
    const x = Math.round((box.x + box.width / 2) / GRID) * GRID;
    const y = Math.round((box.y + box.height / 2) / GRID) * GRID;
    const number = name => Number(button.dataset[name]);
    const item = {what, id: button.dataset.id ?? nextId()};
    if (what === "piece") Object.assign(item, {name: "", kind: button.dataset.kind, x, y, width: number("width"), depth: number("depth"), turn: 0, height: number("height"), places: number("places")});
    if (what === "zone") Object.assign(item, {name: button.dataset.name ?? this.freshName(button.textContent.trim()), kind: button.dataset.kind, ground: button.dataset.ground, x, y, width: 2000, depth: 2000, turn: 0});
    if (what === "wall") Object.assign(item, {x1: Math.max(0, x - 1000), y1: y, x2: x + 1000, y2: y});
    if (what === "door") Object.assign(item, {use: button.dataset.use, x1: Math.max(0, x - 450), y1: box.y, x2: x + 450, y2: box.y});
    if (what === "spot") Object.assign(item, {posture: button.dataset.posture, x, y});
    button.closest("details").open = false;
    if (button.dataset.id) button.remove();
    this.commit({...this.state, items: [...this.state.items, item]});
    this.choose(item.id);
    this.svg.querySelector(`[data-id="${item.id}"]`).focus({preventScroll: true});
  }

  freshName(wanted) {
    const names = this.state.items.map(item => item.name);
    let name = wanted;
    for (let count = 2; names.includes(name); count++) name = `${wanted} ${count}`;
    return name;
  }

  remove() {
    const id = this.chosen;
    this.choose(null);
    this.commit({...this.state, items: this.state.items.filter(item => item.id !== id)});
  }

  change(item) {
    this.commit({...this.state, items: this.state.items.map(old => old.id === item.id ? item : old)});
  }

  typed(field) {
    const item = this.item();
    if (!item) return;
    const lengths = ["x", "y", "width", "depth", "height"];
    let value = field.value;
    if (lengths.includes(field.name)) value = millimetres(field.value);
    if (field.name === "turn") value = /^\d{1,3}$/.test(field.value) ? Number(field.value) % 360 : undefined;
    if (field.name === "places") value = /^\d{1,2}$/.test(field.value) ? Number(field.value) : undefined;
    field.setAttribute("aria-invalid", value === undefined);
    if (value === undefined) return this.say(said("noNumber"));
    return this.change({...item, [field.name]: value});
  }

  useSpots() {
    const spots = [...document.querySelectorAll("[data-proposed]")].map(one =>
      ({what: "spot", id: nextId(), x: Number(one.dataset.x), y: Number(one.dataset.y), posture: one.dataset.posture}));
    this.choose(null);
    this.commit({...this.state, items: [...this.state.items.filter(item => item.what !== "spot"), ...spots]});
  }

  step(which, event) {
    event.preventDefault();
    if (this.history[which]()) this.after();
  }

  // --- what follows a change

  commit(next) {
    if (this.history.push(next)) this.after();
    else this.show(this.state);
  }

  after() {
    this.show(this.state);
    this.buttons();
    this.saver.save(toSvg(this.state));
  }

  show(state) {
    drawPlan(this.svg, state, this.words);
    this.grips(state);
    this.fields(state.items.find(item => item.id === this.chosen));
  }

  choose(id) {
    this.chosen = id;
    this.svg.querySelectorAll(".chosen").forEach(element => element.classList.remove("chosen"));
    this.svg.querySelector(id === "outline" ? "[data-carder=outline]" : `[data-id="${id}"]`)?.classList.add("chosen");
    this.grips(this.state);
    this.fields(this.item());
  }

  grips(state) {
    drawGrips(this.svg, state.items.find(item => item.id === this.chosen), this.chosen === "outline" ? state.outline : null, this.gripSize());
  }

  /** A grip is 22 pixels across wherever the plan is shown. */
  gripSize() {
    return 11 / this.svg.getScreenCTM().a;
  }

  fields(item) {
    const form = find("thing");
    form.hidden = !item;
    if (!item) return;
    form.querySelector("[data-thing-title]").textContent = item.name || this.words.kind(item);
    for (const field of form.querySelectorAll("[data-for]")) {
      const name = field.dataset.for;
      const own = item[name] !== undefined && !(name === "kind" && item.what !== "zone");
      field.hidden = !own;
      const input = field.querySelector("input, select");
      if (own && input !== document.activeElement) {
        input.value = ["x", "y", "width", "depth", "height"].includes(name) ? item[name] / 10 : item[name];
        input.removeAttribute("aria-invalid");
      }
    }
  }

  buttons() {
    find("undo").disabled = this.history.past.length === 0;
    find("redo").disabled = this.history.future.length === 0;
  }

  // --- the server

  async send(path, svg) {
    const response = await fetch(this.frame.dataset.url + path, {
      method: "POST",
      headers: {"Content-Type": "image/svg+xml", "X-XSRF-TOKEN": document.querySelector("meta[name=csrf]").content},
      body: svg,
    });
    const box = document.createElement("div");
    box.innerHTML = response.redirected ? "" : await response.text();
    const answer = box.firstElementChild;
    return {status: response.redirected ? 401 : response.status, edition: Number(answer?.dataset.edition), answer};
  }

  /** One look at a time; the newest waits for the one that is under way. */
  async lookSoon(state) {
    this.next = state;
    if (this.looking) return;
    this.looking = true;
    while (this.next) {
      const svg = toSvg(this.next);
      this.next = null;
      const seen = await this.send("/look", svg).catch(() => null);
      if (seen?.status === 200) this.showLook(seen.answer);
    }
    this.looking = false;
  }

  showLook(look) {
    document.getElementById("look").replaceChildren(look);
    this.look = look;
    this.showBlind();
    drawSides(this.svg, (this.stroke?.next ?? this.state).outline, look.dataset.sides.split("|"));
  }

  showBlind() {
    const which = find("blind")?.value ?? "floor";
    const path = which === "none" ? "" : this.look.dataset[which === "table" ? "blindTable" : "blindFloor"];
    this.blind.setAttribute("d", path ?? "");
  }

  async propose(event) {
    event.preventDefault();
    const asked = new URLSearchParams(new FormData(event.target));
    const answer = await this.send(`/spots?${asked}`, toSvg(this.state)).catch(() => null);
    document.getElementById("proposal").replaceChildren(answer?.answer ?? said("noPlaces"));
  }

  tell(what, answer) {
    if (answer?.answer && (what === "saved" || what === "saving") && !this.stroke) this.showLook(answer.answer);
    if (what === "refused") this.say(said("refused", {why: answer.answer?.textContent ?? said("planRefused")}));
    else if (what === "conflict") this.conflict(answer);
    else this.say(said(what === "signed-out" ? "signedOut" : what));
  }

  conflict(answer) {
    this.theirs = answer.edition;
    const state = this.say(said("changed", {who: answer.answer?.dataset.theirs ?? said("somebody")}) + " ");
    for (const [data, text] of [["planMine", said("mine")], ["planTheirs", said("theirs")]]) {
      const button = document.createElement("button");
      Object.assign(button, {type: "button", className: "button small", textContent: text});
      button.dataset[data] = "";
      state.append(button, " ");
    }
  }

  takeTheirs() {
    localStorage.removeItem(this.unsent);
    location.reload();
  }

  say(text) {
    const state = find("state");
    state.textContent = text;
    return state;
  }
}

function nearEdge(at, outline, reach) {
  return outline.some(([x1, y1], index) => {
    const [x2, y2] = outline[(index + 1) % outline.length];
    const length = (x2 - x1) ** 2 + (y2 - y1) ** 2;
    const part = Math.min(1, Math.max(0, ((at.x - x1) * (x2 - x1) + (at.y - y1) * (y2 - y1)) / length));
    return Math.hypot(at.x - x1 - part * (x2 - x1), at.y - y1 - part * (y2 - y1)) <= Math.max(reach, 120);
  });
}

/** What the palette calls things. */
function words() {
  const kinds = new Map([...document.querySelectorAll("[data-add=piece], [data-add=zone]")]
    .map(button => [`${button.dataset.add} ${button.dataset.kind}`, button.textContent.trim()]));
  const kind = item => kinds.get(`${item.what} ${item.kind}`) ?? said(item.what);
  const metres = value => (value / 1000).toFixed(2).replace(/0$/, "");
  return {
    kind,
    describe: item => item.x1 !== undefined
      ? said("line", {kind: kind(item), x1: metres(item.x1), y1: metres(item.y1), x2: metres(item.x2), y2: metres(item.y2)})
      : [item.name || kind(item), item.width ? said("size", {width: item.width / 10, depth: item.depth / 10}) : "",
        said("at", {x: metres(item.x), y: metres(item.y)}), item.turn ? said("turned", {degrees: item.turn}) : ""].filter(Boolean).join(", "),
  };
}

const frame = document.querySelector("[data-plan]");
if (frame) new Editor(frame);
