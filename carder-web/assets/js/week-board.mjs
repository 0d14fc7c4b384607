// Moves cards on the week board and on shelves: dragged by mouse or touch, or with Alt and the arrow keys. Markup: [data-board] with
// data-put and data-move (an address with * for the block), [data-cell] places, [data-block] in them, [data-card] in the deck. Everything can also be done with the links and buttons there.
const DRAG_FROM = 6;
// A finger that only passes scrolls the page; one that rests on a card for so long takes it.
const HOLD_MS = 300;

/** The cell that lies next in a direction, by the middles of what is on the screen; null where there is none. */
export function neighbour(from, cells, direction) {
  const [dx, dy] = {ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1]}[direction];
  const middle = box => ({x: (box.left + box.right) / 2, y: (box.top + box.bottom) / 2});
  const start = middle(from);
  let best = null, least = Infinity;
  for (const cell of cells) {
    const at = middle(cell);
    const ahead = (at.x - start.x) * dx + (at.y - start.y) * dy;
    const aside = Math.abs((at.x - start.x) * dy) + Math.abs((at.y - start.y) * dx);
    if (ahead > 1 && ahead + 3 * aside < least) {
      least = ahead + 3 * aside;
      best = cell;
    }
  }
  return best;
}

/** The place before or after on the same shelf, which goes on in the next line where it is longer than the page is wide; null elsewhere. */
export function inItsShelf(cell, direction) {
  if (!cell.closest(".shelf")) return null;
  return {ArrowLeft: cell.previousElementSibling, ArrowRight: cell.nextElementSibling}[direction] ?? null;
}

const board = () => document.querySelector("[data-board]");
let carried = null;
let stretched = null;

async function send(url, fields, focusOn) {
  const response = await fetch(url, {
    method: "POST",
    headers: {"HX-Request-Type": "partial", "X-Page": location.pathname + location.search, "X-XSRF-TOKEN": document.querySelector("meta[name=csrf]").content, "Content-Type": "application/x-www-form-urlencoded"},
    body: new URLSearchParams(fields),
  }).catch(() => null);
  // A page instead of a board: it asks for something, such as who stays with the card.
  if (response?.redirected) return location.assign(response.url);
  if (!response?.ok) return location.reload();
  const box = document.createElement("div");
  box.innerHTML = await response.text();
  const justDone = box.querySelector("#just-done");
  if (justDone) document.querySelector("#just-done").replaceWith(justDone);
  board().replaceWith(box.firstElementChild);
  document.querySelector(`[data-cell="${focusOn}"] [data-block]`)?.focus();
  return undefined;
}

function drop(what, cell, copy, heldOn) {
  const at = cell.dataset.cell;
  if (what.dataset.card) return send(board().dataset.put, {card: what.dataset.card, at}, at);
  if (what.closest("[data-cell]") === cell && !heldOn) return undefined;
  if (heldOn && what.closest("ol") === cell.closest("ol") && heldOn === cell.dataset.day) return undefined;
  const fields = {at};
  if (heldOn) fields.held = heldOn;
  if (copy) fields.how = "copy";
  return send(board().dataset.move.replace("*", what.dataset.block), fields, at);
}

/** The day of a bar that lies under the pointer: that one comes to lie where it is let go. */
function dayUnder(bar, clientX) {
  const cells = [...bar.closest("ol").querySelectorAll("[data-day]")];
  return cells.find(cell => clientX <= cell.getBoundingClientRect().right)?.dataset.day;
}

/** The end of a bar is let go over another day. */
function stretch(bar, clientX) {
  const day = dayUnder(bar, clientX);
  return day ? send(board().dataset.until.replace("*", bar.dataset.block), {day}, bar.closest("[data-cell]").dataset.cell) : undefined;
}

function lift(event) {
  const end = event.target.closest("[data-end]");
  if (end && event.button <= 0) {
    stretched = {bar: end.closest("[data-block]"), id: event.pointerId};
    end.setPointerCapture(event.pointerId);
    event.preventDefault();
    return;
  }
  const what = event.target.closest("[data-block], .deck-cards [data-card]");
  if (!what || event.button > 0 || event.target.closest("details, button, form, .button")) return;
  carried = {what, x: event.clientX, y: event.clientY, id: event.pointerId, ghost: null, heldOn: what.dataset.days ? dayUnder(what, event.clientX) : undefined};
  if (event.pointerType === "touch") carried.hold = setTimeout(() => take(event), HOLD_MS);
}

function take({clientX, clientY}) {
  if (!carried) return;
  carried.ghost = document.body.appendChild(carried.what.cloneNode(true));
  carried.ghost.className = "board-card ghost";
  carried.what.classList.add("lifted");
  carried.ghost.style.setProperty("translate", `${clientX + 8}px ${clientY + 8}px`);
}

function forget() {
  clearTimeout(carried?.hold);
  carried = null;
}

function carry(event) {
  if (stretched) {
    document.querySelectorAll(".cell-place.over").forEach(cell => cell.classList.remove("over"));
    const day = dayUnder(stretched.bar, event.clientX);
    stretched.bar.closest("ol").querySelector(`[data-cell][data-day="${day}"]`)?.classList.add("over");
    return;
  }
  if (!carried || event.pointerId !== carried.id) return;
  if (!carried.ghost) {
    if (Math.hypot(event.clientX - carried.x, event.clientY - carried.y) < DRAG_FROM) return;
    if (carried.hold) return forget();
    take(event);
  }
  event.preventDefault();
  carried.ghost.style.setProperty("translate", `${event.clientX + 8}px ${event.clientY + 8}px`);
  document.querySelectorAll(".cell-place.over").forEach(cell => cell.classList.remove("over"));
  cellAt(event)?.classList.add("over");
}

/** The place under the pointer; a bar lies over the places of all its days. */
function cellAt(event) {
  const hit = document.elementFromPoint(event.clientX, event.clientY)?.closest("[data-cell]");
  const line = hit?.closest(".line-days");
  if (!line) return hit;
  const isUnder = cell => { const box = cell.getBoundingClientRect(); return event.clientX >= box.left && event.clientX <= box.right; };
  return [...line.querySelectorAll("[data-cell]")].find(isUnder) ?? hit;
}

function letGo(event) {
  if (stretched) {
    const {bar} = stretched;
    stretched = null;
    document.querySelectorAll(".cell-place.over").forEach(cell => cell.classList.remove("over"));
    if (event.type === "pointerup") stretch(bar, event.clientX);
    return;
  }
  const was = carried;
  forget();
  if (!was?.ghost) return;
  was.ghost.remove();
  was.what.classList.remove("lifted");
  document.querySelectorAll(".cell-place.over").forEach(cell => cell.classList.remove("over"));
  // The link under the finger must not open after a drag.
  const swallow = click => { click.preventDefault(); click.stopPropagation(); };
  document.addEventListener("click", swallow, true);
  setTimeout(() => document.removeEventListener("click", swallow, true), 50);
  const cell = event.type === "pointerup" ? cellAt(event) : null;
  if (cell) drop(was.what, cell, event.ctrlKey || event.altKey, was.heldOn);
}

function key(event) {
  const block = event.target.closest?.("[data-block]");
  if (!block || !event.altKey || !event.key.startsWith("Arrow")) return;
  event.preventDefault();
  const cells = [...document.querySelectorAll("[data-cell]")];
  const boxes = cells.map(cell => Object.assign(cell.getBoundingClientRect(), {cell}));
  const own = block.closest("[data-cell]");
  const next = inItsShelf(own, event.key) ?? neighbour(own.getBoundingClientRect(), boxes.filter(box => box.cell !== own), event.key)?.cell;
  if (next) drop(block, next, event.shiftKey, own.dataset.day);
}

if (globalThis.document?.querySelector("[data-board]")) {
  document.addEventListener("pointerdown", lift);
  document.addEventListener("pointermove", carry, {passive: false});
  for (const end of ["pointerup", "pointercancel"]) document.addEventListener(end, letGo);
  document.addEventListener("keydown", key);
  // Tells that cards can be dragged from now on.
  board().dataset.ready = "";
  document.addEventListener("touchmove", event => carried?.ghost && event.preventDefault(), {passive: false});
  // A long press on a link must not open the menu of the browser instead.
  document.addEventListener("contextmenu", event => carried?.hold && event.preventDefault());
}
