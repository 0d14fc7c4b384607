// Hours of adults as bars whose ends are moved: dragged they are kept at once, by keys when Save is pressed. Markup: [data-hours] with forms
// [data-shift], each with two fields of time, [data-track] to draw on, a button to save, and its words in data-words-*.
import {all, el, one, words} from "./dom.mjs";
import {clock, minutes, place, redraw, timeSlider} from "./time-slider.mjs";

const LEAST = 5;
const LAST = 24 * 60 - 5;
const HOUR = 60;

/** The hours that all bars lie in, whole ones. */
export function stretch(shifts) {
  const first = Math.floor(Math.min(...shifts.map(shift => shift.from)) / HOUR) * HOUR;
  return {first, whole: Math.ceil(Math.max(...shifts.map(shift => shift.until)) / HOUR) * HOUR - first};
}

const fields = form => [one("[name=fromTime]", form), one("[name=untilTime]", form)];
const times = form => fields(form).map(field => minutes(field.value));

function draw(form, band) {
  const [from, until] = fields(form), [begins, ends] = times(form), track = one("[data-track]", form);
  const slider = (id, field, at, least, most) => timeSlider({id, at, least, most, label: words(form, id)}, band, to => {
    field.value = clock(to);
    form.classList.add("changed");
  }, dragged => {
    if (dragged) form.requestSubmit();
    redraw(track, () => draw(form, band));
  });
  track.replaceChildren(
    place(el("span", {class: "time-bar"}), band, begins, ends),
    slider("begins", from, begins, band.first, ends - LEAST),
    slider("ends", until, ends, begins + LEAST, Math.min(LAST, band.first + band.whole)));
}

function drawAll() {
  const forms = all("[data-hours] [data-shift]");
  if (!forms.length) return;
  const band = stretch(forms.map(form => ({from: times(form)[0], until: times(form)[1]})));
  // An hour more at either end, for whoever begins earlier or stays longer.
  const wider = {first: Math.max(0, band.first - HOUR), whole: Math.min(LAST, band.first + band.whole + HOUR) - Math.max(0, band.first - HOUR)};
  forms.forEach(form => draw(form, wider));
}

if (globalThis.document?.querySelector("[data-hours]")) {
  drawAll();
  document.addEventListener("htmx:after:swap", drawAll);
}
