// The minutes that a session has left run on while a page stays open, from how many there were when it was made: the clock of the device may
// be wrong. Markup: data-left, with words for one minute, for several (data-words-other) and for afterwards.
import {all, words} from "./dom.mjs";

/** What is said so many minutes after there were so many left. */
export function left(element, minutes, language) {
  if (minutes < 1) return words(element, "over");
  const form = new Intl.PluralRules(language).select(minutes);
  return words(element, `words${form[0].toUpperCase()}${form.slice(1)}` in element.dataset ? form : "other", {minutes});
}

function run(element) {
  const opened = performance.now();
  setInterval(() => {
    const gone = Math.floor((performance.now() - opened) / 60_000);
    element.textContent = left(element, Number(element.dataset.left) - gone, document.documentElement.lang);
  }, 10_000);
}

if (globalThis.document) all("[data-left]").forEach(run);
