// Words to look at twice, and how easy a text is to read, as the core says it.
import {ease, hard, marks} from "./core.mjs";
import "./core-words.mjs";
import {el, said} from "./dom.mjs";

/** Draws them into a box. Names of other children are told where it is one child's own record. */
export function drawMarks(box, text, language, own = "", names = []) {
  const rules = {...language, ...language.ease};
  const found = text ? marks(text, rules, own, names) : [];
  box.replaceChildren(
    ...found.map(mark => el("p", {class: "mark"}, el("q", {}, mark.words), ` ${mark.reason}. `,
      mark.instead ? el("span", {class: "instead"}, said("rather", {words: mark.instead})) : "")),
    ...(text && language.forFamilies ? hard(text, rules).map(sentence => el("p", {class: "mark"}, el("q", {}, sentence), ` ${said("hard")}`)) : []),
    text ? el("p", {class: "hint"}, said("ease", {ease: ease(text, rules)})) : "");
}
