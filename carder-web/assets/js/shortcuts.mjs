// Single-key shortcuts. Markup: data-key="p" on a link; the dialog #shortcuts lists them, "?" opens it.
// They can be switched off (WCAG 2.1.4); the choice stays on this device.
const STORED = "carder.shortcuts";

/** Whether a key press belongs to somebody who is typing, to something that has keys of its own, or to the browser. */
export function isTyping(target, event) {
  return event.ctrlKey || event.metaKey || event.altKey
    || Boolean(target.closest?.("[data-own-keys]")) || target.isContentEditable || /^(input|textarea|select)$/i.test(target.tagName ?? "");
}

export function isOn(storage) {
  return storage.getItem(STORED) !== "off";
}

function links() {
  return [...document.querySelectorAll("[data-key]")];
}

function open() {
  const dialog = document.getElementById("shortcuts");
  if (!dialog) return;
  dialog.querySelector("[data-shortcuts-list]").replaceChildren(...links().map(link => {
    const row = document.createElement("li");
    const key = document.createElement("kbd");
    key.textContent = link.dataset.key;
    row.append(key, " " + (link.textContent.trim() || link.getAttribute("aria-label")));
    return row;
  }));
  dialog.querySelector("[data-shortcuts-on]").checked = isOn(localStorage);
  dialog.showModal();
}

if (globalThis.document) {
  document.addEventListener("keydown", event => {
    if (isTyping(event.target, event) || document.querySelector("dialog[open]")) return;
    if (!isOn(localStorage)) return;
    if (event.key === "?") return open();
    const found = links().find(link => link.dataset.key === event.key);
    if (!found) return;
    event.preventDefault();
    if (found.matches("input")) found.focus();
    else found.click();
  });
  document.addEventListener("click", event => {
    if (event.target.closest("[data-shortcuts-open]")) open();
  });
  document.addEventListener("change", event => {
    if (event.target.matches("[data-shortcuts-on]")) localStorage.setItem(STORED, event.target.checked ? "on" : "off");
  });
}
