// A time on a band: dragged, or moved with the arrow keys, five minutes at a time.
import {el} from "./dom.mjs";

const STEP = 5;
const BY_KEY = {ArrowLeft: -STEP, ArrowDown: -STEP, ArrowRight: STEP, ArrowUp: STEP, PageDown: -6 * STEP, PageUp: 6 * STEP};

/** Minutes of a time such as 09:05; NaN of anything else. */
export function minutes(time) {
  const found = /^(\d\d):(\d\d)$/.exec(time);
  return found ? Number(found[1]) * 60 + Number(found[2]) : NaN;
}

export const clock = at => `${String(Math.floor(at / 60)).padStart(2, "0")}:${String(at % 60).padStart(2, "0")}`;

/** A time within limits, on a step of five minutes, nearest to the one that is wished. */
export const kept = ({least, most}, wished) => Math.min(most, Math.max(least, Math.round(wished / STEP) * STEP));

/** Puts an element over a stretch of a band, or at a time of it; both in minutes, as the band's first one and its whole length. */
export function place(element, {first, whole}, from, until = from) {
  element.style.setProperty("left", `${(from - first) / whole * 100}%`);
  if (until > from) element.style.setProperty("width", `${(until - from) / whole * 100}%`);
  return element;
}

/**
 * The element. Of the time: at, least, most, its label, and an id that is the same when it is drawn anew. moved hears each time that it is given,
 * done that it was let go, and whether by dragging. While it is dragged the band stays as it is, so that a minute keeps its width.
 */
export function timeSlider(time, band, moved, done) {
  return place(el("span", {
    class: "time-slider", tabindex: 0, role: "slider", "data-slider": time.id,
    "aria-label": time.label, "aria-valuemin": time.least, "aria-valuemax": time.most, "aria-valuenow": time.at, "aria-valuetext": clock(time.at),
    onpointerdown: event => {
      event.preventDefault();
      event.currentTarget.focus();
      drag(event, x => moved(kept(time, band.first + x * band.whole)), () => done(true));
    },
    onkeydown: event => {
      if (!BY_KEY[event.key]) return;
      event.preventDefault();
      moved(kept(time, time.at + BY_KEY[event.key]));
      done(false);
    },
  }, el("span", {class: "slider-time"}, clock(time.at))), band, time.at);
}

function drag({currentTarget: slider, pointerId}, moved, done) {
  const box = slider.parentElement.getBoundingClientRect();
  const follow = event => {
    if (event.pointerId !== pointerId) return;
    const x = Math.min(1, Math.max(0, (event.clientX - box.left) / box.width));
    slider.style.setProperty("left", `${x * 100}%`);
    moved(x);
  };
  const end = () => {
    document.removeEventListener("pointermove", follow);
    for (const over of ["pointerup", "pointercancel"]) document.removeEventListener(over, end);
    done();
  };
  document.addEventListener("pointermove", follow);
  for (const over of ["pointerup", "pointercancel"]) document.addEventListener(over, end);
}

/** Draws anew, and goes back to the slider that somebody was at. */
export function redraw(into, draw) {
  const focused = document.activeElement?.dataset?.slider;
  draw();
  into.querySelector(`[data-slider="${focused}"]`)?.focus();
}
