// The time of a rehearsed day: a slider, and a button that goes from change to change. What stands at a time is drawn by the server.
import {one} from "./dom.mjs";

const STEP = 900;

const form = one("[data-rehearsal]");
const slider = one("input[type=range]", form);
const button = one("[data-play]", form);
const changes = form.dataset.changes.split(" ").map(Number);
let playing = null;

/** The next change after a minute; undefined after the last. */
const next = minute => changes.find(change => change > minute && change <= Number(slider.max));

function show(minute) {
  slider.value = minute;
  slider.dispatchEvent(new Event("input", {bubbles: true}));
}

function stop() {
  clearTimeout(playing);
  playing = null;
  button.textContent = button.dataset.wordsPlay;
}

function step() {
  const minute = next(Number(slider.value));
  if (minute === undefined) return stop();
  show(minute);
  playing = setTimeout(step, STEP);
}

button.addEventListener("click", () => {
  if (playing !== null) return stop();
  if (next(Number(slider.value)) === undefined) slider.value = slider.min;
  button.textContent = button.dataset.wordsPause;
  step();
  // Who asked for less motion gets one still picture for each press.
  if (matchMedia("(prefers-reduced-motion: reduce)").matches) stop();
});

document.addEventListener("htmx:after:swap", () => {
  const {clock} = one("#now").dataset;
  one("output", form).textContent = clock;
  slider.setAttribute("aria-valuetext", clock);
});
