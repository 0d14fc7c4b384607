// What is being typed outlives the session. While somebody types, the session is kept; where it has ended all the same, that is told before
// the form is sent, and what was typed stays on the page until they have signed in again in another tab.
import {isDrafted, keepSoon, sent} from "./drafts.mjs";

const KEEP = 4 * 60_000;
const DOUBT = 25 * 60_000;
const words = document.querySelector("#signed-out");
let met = Date.now();

const isTypedInto = form => form?.method === "post" && !form.matches("[data-sign-out]");
const notice = () => document.querySelector("[data-signed-out]");

/** Whether somebody is signed in; renews the tokens of the page where somebody is. Without a connection nothing is known. */
async function isSignedIn() {
  met = Date.now();
  try {
    const contact = await (await fetch("/watch/contact", {cache: "no-store"})).json();
    if (contact.person) renew(contact.token);
    return Boolean(contact.person);
  } catch {
    return true;
  }
}

function renew(token) {
  document.querySelectorAll("input[name=_csrf]").forEach(field => (field.value = token));
  document.querySelectorAll("meta[name=csrf]").forEach(meta => (meta.content = token));
  document.querySelectorAll("form[action*='_csrf=']").forEach(form => {
    const address = new URL(form.action);
    address.searchParams.set("_csrf", token);
    form.action = address.href;
  });
}

function tell(form) {
  if (notice()) return;
  form.prepend(words.content.cloneNode(true));
  notice().setAttribute("role", "alert");
}

if (words) {
  document.addEventListener("input", async event => {
    const form = event.target.form;
    if (isDrafted(form)) keepSoon(form, tell);
    if (isTypedInto(form) && Date.now() - met > KEEP && !(await isSignedIn())) tell(form);
  });

  // Before every other listener: a form that is held back must not count as sent.
  document.addEventListener("submit", async event => {
    const form = event.target;
    if (!isTypedInto(form)) return;
    if (Date.now() - met <= DOUBT && !notice()) return sent(form);
    event.preventDefault();
    event.stopImmediatePropagation();
    if (!(await isSignedIn())) {
      tell(form);
      // Only here: whoever is still typing must go on typing into their field.
      return notice().focus();
    }
    notice()?.remove();
    form.requestSubmit(event.submitter);
  }, {capture: true});

  window.addEventListener("focus", async () => {
    if (notice() && await isSignedIn()) notice().remove();
  });
}
