// A draft of each form that somebody types into, kept on the server for that person: it is there after a reload, after "Back", after signing
// in again, on another computer. Passwords, files and what the page itself put in are not part of it. Saving the form ends its draft.
const PAUSE = 2_000;
const AGAIN = 15_000;
const QUIET = ["hidden", "password", "file", "submit", "button"];

const place = form => {
  const same = [...document.forms].filter(one => isDrafted(one) && path(one) === path(form));
  return `${path(form)} ${same.indexOf(form)}`;
};
const path = form => new URL(form.action, location).pathname;

/** Whether what is typed into a form is kept: not where it writes by itself, nor where it asks for a password. */
export const isDrafted = form => form?.method === "post" && !form.matches("[data-sign-out], [hx-trigger]")
  && !form.querySelector("input[type=password]") && typed(form).length > 0;

const typed = form => [...form.elements].filter(field => field.name && field.type !== undefined && !QUIET.includes(field.type)
  && field.tagName !== "BUTTON" && field.tagName !== "FIELDSET");

/** Names and values of what stands in a form, in its order. */
export const values = form => typed(form)
  .filter(field => !["checkbox", "radio"].includes(field.type) || field.checked)
  .flatMap(field => field.type === "select-multiple"
    ? [...field.selectedOptions].map(option => [field.name, option.value]) : [[field.name, field.value]]);

/** Puts values back. Ticks and choices are found by their value, rows of one name by their order. */
export function fill(form, kept) {
  const left = Map.groupBy ? Map.groupBy(kept, ([name]) => name) : group(kept);
  for (const field of typed(form)) {
    const own = left.get(field.name) ?? [];
    if (["checkbox", "radio"].includes(field.type)) field.checked = own.some(([, value]) => value === field.value);
    else if (field.type === "select-multiple") [...field.options].forEach(option => { option.selected = own.some(([, value]) => value === option.value); });
    else if (own.length) field.value = own.shift()[1];
  }
}

function group(kept) {
  const groups = new Map();
  kept.forEach(entry => groups.set(entry[0], [...groups.get(entry[0]) ?? [], entry]));
  return groups;
}

const headers = form => ({"Content-Type": "application/json", "X-Requested-By": "fetch", "X-XSRF-TOKEN": form.elements._csrf.value});
function send(form, where, value) {
  const body = JSON.stringify(value);
  // Browsers let no more than 64 KiB outlive a page, and refuse to send more at all.
  return fetch(where, {method: "POST", headers: headers(form), body, keepalive: new Blob([body]).size < 60_000});
}

const waiting = new Map();

/** Keeps what stands in a form once its typist pauses. @param ended told where nobody is signed in any more */
export function keepSoon(form, ended) {
  clearTimeout(waiting.get(form));
  form.dataset.draft = "waiting";
  waiting.set(form, setTimeout(() => keep(form, ended), PAUSE));
}

async function keep(form, ended) {
  waiting.delete(form);
  let answer;
  try {
    answer = await send(form, "/drafts", {place: place(form), fields: values(form)});
  } catch {
    // Without a connection it waits on the page.
    return waiting.set(form, setTimeout(() => keep(form, ended), AGAIN));
  }
  if (answer.status === 401 || answer.status === 403) ended(form);
  else if (answer.ok) form.dataset.draft = "kept";
}

/** A form that is sent needs no draft of what stands in it now. */
export function sent(form) {
  clearTimeout(waiting.get(form));
  waiting.delete(form);
}

async function bring(forms, words) {
  const asked = forms.map(form => `place=${encodeURIComponent(place(form))}`).join("&");
  const answer = await fetch(`/drafts?${asked}`, {headers: {"X-Requested-By": "fetch"}});
  if (!answer.ok) return;
  const drafts = new Map((await answer.json()).map(draft => [draft.place, draft]));
  for (const form of forms) {
    const draft = drafts.get(place(form));
    // What stands there already, or is being typed, is newer.
    if (!draft || form.dataset.draft || JSON.stringify(draft.fields) === JSON.stringify(values(form))) continue;
    const before = values(form);
    fill(form, draft.fields);
    form.prepend(words.content.cloneNode(true));
    const note = form.querySelector("[data-draft-back]");
    note.querySelector("[data-draft-at]").textContent = draft.at;
    note.querySelector("button").addEventListener("click", () => {
      fill(form, before);
      note.remove();
      send(form, "/drafts/forget", {place: place(form), fields: []}).catch(() => {});
    });
    form.dispatchEvent(new Event("change", {bubbles: true}));
  }
}

const words = globalThis.document?.querySelector("#draft-back");
if (words) {
  const forms = [...document.forms].filter(isDrafted);
  // A form that came back with faults holds what was typed itself.
  if (forms.length && !document.querySelector(".faults[role=alert]")) bring(forms, words).catch(() => {});
}
