// Listening: the child's own words, in which language, and whether it was a question.
import {heard as count} from "./core.mjs";
import {el, one, words} from "./dom.mjs";

export class ListenScreen {
  constructor(app) {
    this.app = app;
    this.root = one("[data-screen=listen]");
    this.form = one("[data-listen]", this.root);
    this.form.addEventListener("submit", event => {
      event.preventDefault();
      this.save();
    });
    this.form.addEventListener("click", event => {
      const key = event.target.closest("button");
      if (key?.dataset.child) this.mark(key.dataset.child);
      else if (key?.dataset.listenUndo !== undefined) this.app.log.undo("listen");
      else return;
      this.paint();
    });
  }

  open() {
    this.record = this.app.log.open("listen", this.app.bundle, this.app.card);
    this.record.children.push(...[...this.app.chosen].filter(id => !this.record.children.includes(id)));
    if (!this.record.children.includes(this.record.active)) this.record.active = this.record.children[0];
    const languages = new Set(["English"]);
    this.app.bundle.children.forEach(child => child.languages.split(/[,;/]/).map(name => name.trim()).filter(Boolean).forEach(name => languages.add(name)));
    one("[data-language]", this.root).replaceChildren(...[...languages].map(name => el("option", {value: name}, name)));
    this.paint();
  }

  /** Whom the next words are of; kept with the record, so that it is the same after a reload. */
  mark(child) {
    this.record.active = child;
    this.app.log.note("listen");
  }

  save() {
    const box = one("#heard");
    const said = box.value.trim();
    one("[data-listen-fault]", this.root).hidden = !!said;
    if (!said) return box.focus();
    this.app.log.add("listen", {kind: "HEARD", child: this.record.active, words: said, company: one("[data-language]", this.root).value,
      number: one("[data-question]", this.root).checked ? 1 : 0});
    box.value = "";
    one("[data-question]", this.root).checked = false;
    this.paint();
    box.focus();
  }

  paint() {
    one("[data-listen-children]", this.root).replaceChildren(...this.record.children.map(id =>
      el("button", {type: "button", "data-child": id, "aria-pressed": String(id === this.record.active)}, this.app.child(id).name)));
    const figures = count(this.record.entries);
    one("[data-heard]", this.root).replaceChildren(...figures.said.slice().reverse().map(({child, words: said, language}) =>
      el("li", {}, `${this.app.child(child).name} `, el("q", {dir: "auto"}, said), ` ${language}`)));
    const sum = one("[data-heard-sum]", this.root);
    sum.textContent = figures.utterances ? words(sum, "", {utterances: figures.utterances, words: figures.words, different: figures.differentWords, questions: figures.questions}) : "";
  }
}
