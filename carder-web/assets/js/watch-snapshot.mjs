// Snapshot: words, photos, depth, ease, statements, patterns, next step. One save makes a record for each child.
import * as vault from "./watch-vault.mjs";
import {drawMarks} from "./marks.mjs";
import {looksLike} from "./photo-file.mjs";
import {nextId} from "./uuid.mjs";
import {all, el, one, peg, said, words} from "./dom.mjs";

const LARGEST = 25 * 1024 * 1024;
const SECOND_PRESS = 1500;

export class SnapshotScreen {
  constructor(app) {
    this.app = app;
    this.form = one("[data-snapshot]");
    this.photos = [];
    this.form.addEventListener("input", event => event.target.type === "file" || this.changed());
    this.form.addEventListener("click", event => this.press(event));
    this.form.addEventListener("submit", event => {
      event.preventDefault();
      this.save();
    });
    one("#photos").addEventListener("change", event => this.choose([...event.target.files]));
  }

  async open() {
    one("[data-who]", this.form).replaceChildren(...this.app.names(this.app.chosen));
    one("[data-framework]", this.form).textContent = this.app.bundle.frameworkName;
    const statements = one("[data-statements]", this.form);
    if (statements.dataset.of !== this.app.bundle.frameworkName) {
      statements.dataset.of = this.app.bundle.frameworkName;
      statements.replaceChildren(...this.app.bundle.areas.map(area => el("details", {class: "area"}, el("summary", {}, area.name),
        el("div", {class: "ticks tall"}, ...area.statements.map(statement => el("label", {},
          el("input", {type: "checkbox", name: "statements", value: statement.code}), " ", el("span", {}, statement.words)))))));
    }
    const draft = await vault.get("draft");
    if (draft) await this.fill(draft);
    this.drawPhotos();
    this.drawMarks();
  }

  /** The fields as they stand, to keep and to send. */
  value() {
    const form = new FormData(this.form);
    return {
      note: form.get("note"), nextStep: form.get("nextStep"), involvement: Number(form.get("involvement") ?? 0),
      wellBeing: Number(form.get("wellBeing") ?? 0), statements: form.getAll("statements"), schemas: form.getAll("schemas"),
      inPhoto: all("[data-in-photo-children] input:checked", this.form).map(box => box.value),
      photos: this.photos.map(photo => photo.id), children: [...this.app.chosen],
    };
  }

  changed() {
    this.savedAt = 0;
    const value = this.value();
    this.app.log.line.add(() => vault.put("draft", value));
    this.drawMarks();
  }

  async fill(draft) {
    const form = this.form;
    form.elements.note.value = draft.note;
    form.elements.nextStep.value = draft.nextStep;
    for (const name of ["involvement", "wellBeing"]) {
      const level = one(`[name=${name}][value="${draft[name]}"]`, form);
      if (level) level.checked = true;
    }
    for (const name of ["statements", "schemas"]) {
      all(`[name=${name}]`, form).forEach(box => { box.checked = draft[name].includes(box.value); });
    }
    this.inPhoto = new Set(draft.inPhoto);
    this.photos = [];
    for (const id of draft.photos) {
      const bytes = await vault.getBytes(`photo ${id}`);
      if (bytes) this.photos.push({id, url: URL.createObjectURL(new Blob([bytes]))});
    }
  }

  async choose(files) {
    const fault = one("[data-photo-fault]", this.form);
    fault.hidden = true;
    for (const file of files) {
      const bytes = file.size > LARGEST ? null : await file.arrayBuffer();
      if (!bytes || !looksLike(file.type, new Uint8Array(bytes, 0, Math.min(8, bytes.byteLength)))) {
        fault.textContent = words(fault, "", {name: file.name});
        fault.hidden = false;
        continue;
      }
      const id = nextId();
      try {
        await vault.putBytes(`photo ${id}`, bytes);
      } catch {
        fault.textContent = words(fault, "full", {name: file.name});
        fault.hidden = false;
        break;
      }
      this.photos.push({id, url: URL.createObjectURL(file)});
    }
    one("#photos").value = "";
    this.drawPhotos();
    this.changed();
  }

  drawPhotos() {
    one("[data-photos]", this.form).replaceChildren(...this.photos.map((photo, at) => el("figure", {},
      el("img", {src: photo.url, alt: said("photo", {number: at + 1})}),
      el("button", {type: "button", class: "button small", "data-leave-out": photo.id}, said("leaveOut")))));
    one("[data-in-photo]", this.form).hidden = !this.photos.length;
    const chosen = this.inPhoto ?? this.app.chosen;
    one("[data-in-photo-children]", this.form).replaceChildren(...this.app.bundle.children
      .filter(child => this.app.chosen.has(child.id) || chosen.has(child.id) || this.app.isHere(child))
      .map(child => el("label", {class: "peg-choice"},
        el("input", {type: "checkbox", value: child.id, checked: chosen.has(child.id)}), ...peg(child))));
  }

  drawMarks() {
    const note = this.form.elements.note.value;
    const language = this.app.bundle.languages.find(one => one.code === "en");
    const own = this.app.chosen.size === 1 ? this.app.child([...this.app.chosen][0]).name : "";
    drawMarks(one("[data-marks]", this.form), note, language, own, this.app.bundle.names);
  }

  press(event) {
    const starter = event.target.closest("[data-starter]");
    const left = event.target.closest("[data-leave-out]");
    if (starter) {
      const note = this.form.elements.note;
      note.value += (note.value && !/\s$/.test(note.value) ? " " : "") + starter.dataset.starter;
      const caret = note.value.length + Number(starter.dataset.caret ?? 0);
      note.focus();
      note.setSelectionRange(caret, caret);
      this.changed();
    } else if (left) {
      this.photos = this.photos.filter(photo => photo.id !== left.dataset.leaveOut);
      vault.remove(`photo ${left.dataset.leaveOut}`);
      this.drawPhotos();
      this.changed();
    }
  }

  async save() {
    const value = this.value();
    const empty = !value.note.trim() && !this.photos.length;
    if (empty && Date.now() - (this.savedAt ?? 0) < SECOND_PRESS) return;
    const fault = one("[data-snapshot-fault]", this.form);
    const missing = !this.app.chosen.size ? "who" : empty ? "what" : null;
    fault.hidden = !missing;
    if (missing) {
      fault.textContent = words(fault, missing);
      return;
    }
    this.savedAt = Date.now();
    const photos = this.photos;
    this.clear();
    const snapshot = {
      ...value, id: nextId(), room: this.app.bundle.room.id, card: this.app.card, at: new Date().toISOString(),
      children: [...this.app.chosen].map(child => ({child, observation: nextId()})), photos: photos.length,
    };
    const observations = snapshot.children.map(seen => seen.observation);
    this.app.sync.adding(1 + photos.length);
    await this.app.log.line.add(() => vault.enqueue([{id: snapshot.id, type: "snapshot", snapshot},
      ...photos.map(photo => ({id: photo.id, type: "photo", photo: {id: photo.id, upload: "", observations}}))]));
    this.app.sync.added(1 + photos.length);
    await this.app.log.line.add(() => vault.remove("draft"));
    this.app.sync.soon();
    this.app.kept();
  }

  clear() {
    this.photos.forEach(photo => URL.revokeObjectURL(photo.url));
    this.photos = [];
    this.inPhoto = undefined;
    this.form.reset();
    this.drawPhotos();
    this.drawMarks();
    scrollTo(0, 0);
  }
}
