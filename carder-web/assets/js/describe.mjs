// Beside what is written at a desk: words to look at twice, and how easy it is to read. It never changes the text.
// Markup: data-describes around text areas; data-describes="families" where a family reads it: words of the trade and hard sentences too.
import {drawMarks} from "./marks.mjs";
import {el} from "./dom.mjs";

let rules = null;

async function describe(area) {
  const whom = area.closest("[data-describes]").dataset.describes;
  rules ??= fetch(`/words?for=${whom}`, {headers: {"X-Requested-By": "fetch"}}).then(answer => answer.json());
  const languages = await rules;
  const language = languages.find(one => one.code === document.documentElement.lang) ?? languages[0];
  const next = area.nextElementSibling;
  const box = next?.matches(".words-box") ? next : area.insertAdjacentElement("afterend", el("div", {class: "words-box", "aria-live": "polite"}));
  drawMarks(box, area.value, {...language, forFamilies: whom === "families"});
}

// What is written in another language is left alone: the rules are those of one.
const wanted = event => event.target.matches?.("[data-describes] textarea:not([name^=other-])");
document.addEventListener("input", event => { if (wanted(event)) describe(event.target); });
document.addEventListener("focusin", event => { if (wanted(event)) describe(event.target); });
