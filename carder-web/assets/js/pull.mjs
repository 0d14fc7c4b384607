// Handles of a drawing that change what its form asks: dragged from stop to stop, or moved with the arrow keys.
import {all, one} from "./dom.mjs";

const BY_KEY = {ArrowLeft: -1, ArrowDown: -1, ArrowRight: 1, ArrowUp: 1, PageDown: -10, PageUp: 10, Home: -Infinity, End: Infinity};

/** Stops as they are written: value, x and y of each. */
export const stopsOf = written => written.split(" ").map(stop => {
  const [value, x, y] = stop.split(",");
  return {value, x: Number(x), y: Number(y)};
});

/** Which of the stops is nearest to a place. */
export function nearest(stops, {x, y}) {
  const away = stop => Math.hypot(stop.x - x, stop.y - y);
  return stops.reduce((best, stop, at) => (away(stop) < away(stops[best]) ? at : best), 0);
}

/** As many stops on, and no farther than the last. */
export const moved = (stops, at, by) => Math.min(stops.length - 1, Math.max(0, at + by));

/** The field that a handle changes, and none where no form asks for it. */
const field = handle => one(`.tool [name="${handle.dataset.handle}"]`);

/** Shows a stop on the drawing and in the field, which is not sent yet. */
function rest(handle, stop) {
  handle.setAttribute("transform", `translate(${stop.x} ${stop.y})`);
  handle.setAttribute("aria-valuenow", stop.value);
  field(handle).value = stop.value;
}

const send = handle => field(handle).dispatchEvent(new Event("input", {bubbles: true}));

function drag(event, handle) {
  event.preventDefault();
  handle.focus();
  const stops = stopsOf(handle.dataset.stops);
  const onto = handle.ownerSVGElement.getScreenCTM().inverse();
  const follow = ({clientX, clientY, pointerId}) => {
    if (pointerId === event.pointerId) rest(handle, stops[nearest(stops, new DOMPoint(clientX, clientY).matrixTransform(onto))]);
  };
  const end = () => {
    document.removeEventListener("pointermove", follow);
    for (const over of ["pointerup", "pointercancel"]) document.removeEventListener(over, end);
    send(handle);
  };
  document.addEventListener("pointermove", follow);
  for (const over of ["pointerup", "pointercancel"]) document.addEventListener(over, end);
}

function press(event, handle) {
  if (!(event.key in BY_KEY)) return;
  event.preventDefault();
  const stops = stopsOf(handle.dataset.stops);
  const at = stops.findIndex(stop => stop.value === handle.getAttribute("aria-valuenow"));
  rest(handle, stops[moved(stops, at, BY_KEY[event.key])]);
  send(handle);
}

if (globalThis.document) {
  document.body.classList.add("pulls");
  document.addEventListener("pointerdown", event => {
    const handle = event.target.closest("[data-handle]");
    if (handle) drag(event, handle);
  });
  document.addEventListener("keydown", event => {
    const handle = event.target.closest("[data-handle]");
    if (handle) press(event, handle);
  });
  // The drawing is drawn anew with each answer: whoever was at a handle stays there.
  let held = "";
  document.addEventListener("htmx:before:swap", () => { held = document.activeElement?.dataset?.handle ?? ""; });
  document.addEventListener("htmx:after:swap", () => {
    all("[data-handle]").filter(handle => handle.dataset.handle === held).forEach(handle => { handle.focus(); });
  });
}
