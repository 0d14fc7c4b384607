// Keeps what is written while watching: every stroke as a draft on this device, and what is saved in a queue that is
// sent until the server says it has it. Markup: data-draft on the form, data-queue for the state in words.
import {nextId} from "./uuid.mjs";
import * as store from "./watch-store.mjs";

// A press this soon after saving is the second half of a double click, not an empty form.
const SECOND_PRESS = 1500;

const form = document.querySelector("form[data-draft]");
if (form) start(form);

function start(form) {
  const owner = form.dataset.viewer;
  const room = form.dataset.room;
  const key = store.draftKey(owner, room);
  const queue = document.querySelector("[data-queue]");
  const refused = document.querySelector("[data-refused]");
  const preview = form.querySelector("[data-photo-preview]");
  const removePhoto = form.querySelector("[data-photo-remove]");
  const photoFault = form.querySelector("[data-photo-fault]");
  let photo = null;
  let sending = false;
  let tries = 0;
  let settled = Promise.resolve();
  let savedAt = 0;

  function say(words, {count, state = "under way"} = {}) {
    queue.textContent = count ? `${count} ${words}` : words;
    queue.dataset.state = state;
  }

  function fields() {
    return [...new FormData(form).entries()].filter(([name]) => !["photo", "_csrf"].includes(name));
  }

  function keepDraft() {
    const record = {key, owner, room, state: "draft", fields: fields(), photo, photoName: photo?.name ?? ""};
    settled = settled.then(() => store.put(record)).catch(() => {});
    return settled;
  }

  function showPhoto(file) {
    photo = file;
    preview.hidden = removePhoto.hidden = !file;
    if (preview.src) URL.revokeObjectURL(preview.src);
    if (file) preview.src = URL.createObjectURL(file); else preview.removeAttribute("src");
  }

  function fill(record) {
    const values = new Map();
    record.fields.forEach(([name, value]) => values.set(name, [...(values.get(name) ?? []), value]));
    for (const field of form.elements) {
      if (!field.name || field.name === "_csrf" || field.type === "file") continue;
      const found = values.get(field.name) ?? [];
      if (field.type === "checkbox" || field.type === "radio") field.checked = found.includes(field.value);
      else if (found.length) field.value = found[0];
    }
    if (record.photo) showPhoto(new File([record.photo], record.photoName || "photo", {type: record.photo.type}));
  }

  function clear() {
    form.reset();
    form.querySelectorAll("input[type=checkbox], input[type=radio]").forEach(box => { box.checked = false; });
    form.elements.note.value = "";
    form.elements.photo.value = "";
    form.elements.id.value = nextId();
    form.elements.observedAt.value = "";
    refused.hidden = true;
    showPhoto(null);
  }

  async function save() {
    await settled;
    const id = form.elements.id.value;
    form.elements.observedAt.value ||= new Date().toISOString();
    await store.put({key: id, owner, room, state: "waiting", fields: fields(), photo, photoName: photo?.name ?? ""});
    await store.remove(key);
    clear();
    savedAt = Date.now();
    window.scrollTo(0, 0);
    send();
  }

  function body(record) {
    const data = new FormData();
    record.fields.forEach(([name, value]) => data.append(name, value));
    if (record.photo) data.append("photo", record.photo, record.photoName || "photo");
    return data;
  }

  async function send() {
    if (sending) return;
    sending = true;
    let kept = 0;
    try {
      for (const record of store.waitingOf(await store.all(), owner)) {
        say(queue.dataset.wordsSending);
        const response = await fetch(`/rooms/${record.room}/observations`, {
          method: "POST", body: body(record), redirect: "manual",
          headers: {"X-Requested-By": "fetch", "X-XSRF-TOKEN": document.querySelector("meta[name=csrf]").content},
        });
        const verdict = store.verdict(response.status);
        if (verdict === "done") {
          await store.remove(record.key);
          tries = 0;
          kept++;
        } else if (verdict === "refused") {
          await store.remove(record.key);
          fill(record);
          refused.querySelector("p").textContent = await response.text();
          refused.hidden = false;
          refused.scrollIntoView();
          await keepDraft();
        } else {
          throw verdict;
        }
      }
      say(kept ? queue.dataset.wordsDone : "", {state: "done"});
    } catch (failure) {
      const count = store.waitingOf(await store.all(), owner).length;
      say(failure === "signin" ? queue.dataset.wordsSignin
        : navigator.onLine ? queue.dataset.wordsWaiting : queue.dataset.wordsOffline, {count});
      setTimeout(send, store.pause(tries++));
    } finally {
      sending = false;
    }
  }

  form.addEventListener("input", () => {
    if (queue.dataset.state === "done") say("");
    keepDraft();
  });
  form.addEventListener("change", event => {
    if (event.target.name !== "photo") return;
    const file = event.target.files[0] ?? null;
    const most = Number(form.dataset.largest);
    const tooLarge = file && file.size > most * 1024 * 1024;
    photoFault.hidden = !tooLarge;
    photoFault.textContent = tooLarge ? photoFault.dataset.wordsLarge.replace("{0}", most) : "";
    if (tooLarge) event.target.value = "";
    showPhoto(tooLarge ? null : file);
    keepDraft();
  });
  removePhoto.addEventListener("click", () => {
    form.elements.photo.value = "";
    showPhoto(null);
    keepDraft();
  });
  form.addEventListener("click", event => {
    const starter = event.target.closest("[data-starter]");
    if (!starter) return;
    const note = form.elements.note;
    note.value += (note.value && !/\s$/.test(note.value) ? " " : "") + starter.dataset.starter;
    const caret = note.value.length + Number(starter.dataset.caret ?? 0);
    note.focus();
    note.setSelectionRange(caret, caret);
    keepDraft();
  });
  form.addEventListener("submit", event => {
    const someone = form.querySelector("input[name=child]:checked");
    const something = form.elements.note.value.trim() || photo;
    if (someone && something) {
      event.preventDefault();
      // A browser that cannot store anything (private windows) sends the form as it is.
      save().catch(() => form.submit());
    } else if (!someone && !something && Date.now() - savedAt < SECOND_PRESS) {
      event.preventDefault();
    }
  });
  window.addEventListener("online", () => { tries = 0; send(); });

  store.get(key).then(draft => {
    if (draft && !document.querySelector("[data-focus]")) fill(draft);
    send();
  });
}
