// The sessions of a day as a band above their form: a border is moved, and the times in the form follow. Days with the same sessions have one
// band. Markup: [data-sessions] form with rows [data-session], its words in data-words-*, [data-bands] to fill.
import {el, words} from "./dom.mjs";
import {clock, minutes, place, redraw, timeSlider} from "./time-slider.mjs";

const LEAST = 5;
const LAST = 24 * 60 - 5;

/** Days that have the same sessions, with these from the earliest on; a session that does not last is left out. */
export function bands(rows) {
  const byRows = new Map();
  const days = [...new Set(rows.flatMap(row => row.days))];
  for (const day of days) {
    const here = rows.filter(row => row.days.includes(day) && row.to > row.from).sort((one, other) => one.from - other.from);
    const key = here.map(row => row.id).join(" ");
    if (here.length) byRows.set(key, {days: [...(byRows.get(key)?.days ?? []), day], rows: here});
  }
  return [...byRows.values()];
}

/** Where sessions begin and end, each time once: with those that do, and how far it can be moved. */
export function borders(rows) {
  const times = [...new Set(rows.flatMap(row => [row.from, row.to]))].sort((one, other) => one - other);
  return times.map(at => {
    const ends = rows.filter(row => row.to === at), begins = rows.filter(row => row.from === at);
    const before = rows.filter(row => row.to <= at && !ends.includes(row)), after = rows.filter(row => row.from >= at && !begins.includes(row));
    return {
      at, ends, begins,
      least: Math.max(0, ...ends.map(row => row.from + LEAST), ...before.map(row => row.to)),
      most: Math.min(LAST, ...begins.map(row => row.to - LEAST), ...after.map(row => row.from)),
    };
  });
}

function read(form) {
  return [...form.querySelectorAll("[data-session]")].map((row, id) => {
    const field = name => row.querySelector(`[name^="${name}-"]`);
    return {
      id, name: field("name").value, kind: field("kind").value.toLowerCase(), field,
      from: minutes(field("from").value), to: minutes(field("to").value),
      days: [...row.querySelectorAll("[name^='days-']:checked")].map(tick => tick.parentElement.textContent.trim()),
    };
  }).filter(row => row.name.trim() && row.to > row.from);
}

function move(border, to) {
  const set = (row, name) => {
    const field = row.field(name);
    field.value = clock(to);
    field.dispatchEvent(new Event("input", {bubbles: true}));
  };
  border.ends.forEach(row => set(row, "to"));
  border.begins.forEach(row => set(row, "from"));
}

function label(form, border) {
  const of = rows => rows.map(row => row.name).join(", ");
  if (!border.ends.length) return words(form, "begin", {0: of(border.begins)});
  return words(form, border.begins.length ? "both" : "end", {0: of(border.ends), 1: of(border.begins)});
}

function draw(form, into) {
  const rows = read(form);
  const first = Math.min(...rows.map(row => row.from)), whole = Math.max(...rows.map(row => row.to)) - first;
  const bar = row => place(el("span", {class: `time-bar kind-${row.kind}`}, row.name), {first, whole}, row.from, row.to);
  const slider = (border, id) => timeSlider({...border, id, label: label(form, border)}, {first, whole},
    to => move(border, to), () => redraw(into, () => draw(form, into)));
  into.replaceChildren(...bands(rows).flatMap((band, number) => [
    el("p", {class: "hint"}, band.days.join(", ")),
    el("div", {class: "time-band"}, ...band.rows.map(bar), ...borders(band.rows).map((border, at) => slider(border, `${number} ${at}`))),
  ]));
}

if (globalThis.document?.querySelector("[data-sessions]")) {
  const form = document.querySelector("[data-sessions]"), into = form.querySelector("[data-bands]");
  draw(form, into);
  form.addEventListener("change", () => redraw(into, () => draw(form, into)));
}
