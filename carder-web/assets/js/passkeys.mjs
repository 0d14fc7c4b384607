// Makes passkeys and signs in with them. The browser speaks with the device; what is proven is decided by the server.
// Markup: data-passkey-make and data-passkey-use, both hidden where the browser has no passkeys.
import {one, words} from "./dom.mjs";

const can = globalThis.PublicKeyCredential?.parseCreationOptionsFromJSON;
const boxes = globalThis.document ? document.querySelectorAll("[data-passkey-make], [data-passkey-use]") : [];
boxes.forEach(box => { box.hidden = !can; });

async function ask(path, value, more = {}) {
  const token = document.querySelector("input[name=_csrf]").value;
  const answer = await fetch(path, {method: "POST", headers: {"X-XSRF-TOKEN": token, "Content-Type": "application/json", ...more}, body: value && JSON.stringify(value)});
  if (!answer.ok) throw new Error(String(answer.status));
  return answer.json();
}

async function make() {
  const publicKey = PublicKeyCredential.parseCreationOptionsFromJSON(await ask("/webauthn/register/options", undefined, {"X-Own-Password": encodeURIComponent(one("#own-password").value)}));
  const credential = await navigator.credentials.create({publicKey});
  const label = one("#label").value.trim() || "A passkey";
  await ask("/webauthn/register", {publicKey: {credential: credential.toJSON(), label}});
  location.assign("/account?made");
}

async function use() {
  const publicKey = PublicKeyCredential.parseRequestOptionsFromJSON(await ask("/webauthn/authenticate/options"));
  const credential = await navigator.credentials.get({publicKey});
  const {next} = await ask("/login/webauthn", credential.toJSON());
  location.assign(next);
}

globalThis.document?.addEventListener("click", async event => {
  const work = event.target.matches("[data-passkey-add]") ? make : event.target.matches("[data-passkey-sign-in]") ? use : null;
  if (!work) return;
  const box = event.target.closest("[data-passkey-make], [data-passkey-use]");
  const fault = one("[data-passkey-fault]", box);
  fault.hidden = true;
  try {
    await work();
  } catch {
    fault.textContent = words(box, "refused");
    fault.hidden = false;
  }
});
