// Signing out wipes what this device carries for watching. Records that were not sent are told first.
// Markup: data-sign-out on the form, with data-words-unsent and the labels of the two ways.
import * as vault from "./watch-vault.mjs";
import {el, words} from "./dom.mjs";

document.addEventListener("submit", async event => {
  const form = event.target;
  if (!form.matches("[data-sign-out]") || form.dataset.sure) return;
  event.preventDefault();
  const count = await vault.waiting().catch(() => 0);
  if (count && !await isSure(form, count)) return;
  await vault.wipe().catch(() => {});
  form.dataset.sure = "yes";
  form.submit();
});

function isSure(form, count) {
  return new Promise(resolve => {
    const dialog = document.body.appendChild(el("dialog", {class: "ask", "aria-labelledby": "unsent-title"},
      el("h2", {id: "unsent-title"}, words(form, "unsent", {count})),
      el("p", {class: "buttons"},
        el("a", {class: "action", href: "/watch/"}, words(form, "send")),
        el("button", {type: "button", onclick: () => { dialog.remove(); resolve(false); }}, words(form, "stay")),
        el("button", {type: "button", class: "danger", onclick: () => { dialog.remove(); resolve(true); }}, words(form, "lose")))));
    dialog.showModal();
    dialog.addEventListener("close", () => { dialog.remove(); resolve(false); });
  });
}
