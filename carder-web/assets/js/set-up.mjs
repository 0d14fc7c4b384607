// Moves things on the picture of a card: dragged, or with the arrow keys once they are chosen. Markup: [data-set-up] in the form whose
// check boxes choose the pieces; whatever is done here is sent as that form's buttons would send it.
const DRAG_FROM = 4;
const KEYS = {ArrowLeft: "left", ArrowRight: "right", ArrowUp: "up", ArrowDown: "down", t: "turn", T: "turn"};

const picture = event => event.target.closest?.("[data-set-up]");
const box = (form, name) => form.querySelector(`[name=piece][value="${name}"]`);
let held = null;

/** Where the pointer is on the sheet, in the sheet's millimetres. */
function onTheSheet(svg, event) {
  const point = new DOMPoint(event.clientX, event.clientY).matrixTransform(svg.getScreenCTM().inverse());
  return {x: point.x, y: point.y};
}

function choose(form, piece, add) {
  const names = [piece.dataset.piece];
  if (!add && !box(form, names[0])?.checked) {
    for (const other of form.querySelectorAll("[name=piece]:checked")) other.checked = false;
  }
  for (const name of names) box(form, name).checked = add ? !box(form, name).checked : true;
  show(form);
}

function show(form) {
  for (const piece of form.querySelectorAll("[data-piece]")) piece.classList.toggle("chosen", box(form, piece.dataset.piece)?.checked ?? false);
}

/** What moves with what is chosen. */
function moving(form) {
  const chosen = [...form.querySelectorAll("[data-piece].chosen")];
  const groups = new Set(chosen.map(piece => piece.dataset.group).filter(group => group !== "0"));
  return [...form.querySelectorAll("[data-piece]")].filter(piece => chosen.includes(piece) || groups.has(piece.dataset.group));
}

document.addEventListener("pointerdown", event => {
  const piece = event.target.closest?.("[data-set-up] [data-piece]");
  if (!piece || event.button > 0) return;
  const form = piece.closest("form");
  choose(form, piece, event.shiftKey || event.ctrlKey || event.metaKey);
  const svg = piece.ownerSVGElement;
  held = {form, svg, from: onTheSheet(svg, event), x: event.clientX, y: event.clientY, pieces: moving(form), isDrag: false};
  for (const one of held.pieces) one.dataset.lay ??= one.getAttribute("transform");
  picture(event).focus({preventScroll: true});
  event.preventDefault();
});

document.addEventListener("pointermove", event => {
  if (!held) return;
  held.isDrag ||= Math.hypot(event.clientX - held.x, event.clientY - held.y) > DRAG_FROM;
  if (!held.isDrag) return;
  const at = onTheSheet(held.svg, event);
  held.by = {x: at.x - held.from.x, y: at.y - held.from.y};
  for (const one of held.pieces) one.setAttribute("transform", `translate(${held.by.x} ${held.by.y}) ${one.dataset.lay}`);
});

document.addEventListener("pointerup", () => {
  if (held?.isDrag) {
    held.form.elements.x.value = held.by.x.toFixed(1);
    held.form.elements.y.value = held.by.y.toFixed(1);
    held.form.querySelector("[data-drop]").click();
  }
  held = null;
});

document.addEventListener("pointercancel", () => {
  for (const one of held?.pieces ?? []) one.setAttribute("transform", one.dataset.lay);
  held = null;
});

document.addEventListener("keydown", event => {
  if (!picture(event) || !KEYS[event.key] || event.ctrlKey || event.metaKey || event.altKey) return;
  event.preventDefault();
  picture(event).closest("form").querySelector(`[name=do][value=${KEYS[event.key]}]`).click();
});

document.addEventListener("change", event => {
  if (event.target.matches("#set-up [name=piece]")) show(event.target.form);
});
