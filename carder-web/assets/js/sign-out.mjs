// Signing out reaches every open tab, and takes away what its owner could read on this device. What waits to be sent stays: it is sealed, and
// comes in with whoever signs in here next. Markup: data-sign-out on the form, data-person with whose sign-out it is.
import * as vault from "./watch-vault.mjs";

const channel = new BroadcastChannel("carder");

document.addEventListener("submit", async event => {
  const form = event.target;
  if (!form.matches("[data-sign-out]") || form.dataset.sure) return;
  event.preventDefault();
  await vault.forget(form.dataset.person, true).catch(() => {});
  channel.postMessage({signedOut: form.dataset.person});
  form.dataset.sure = "yes";
  form.submit();
});

channel.addEventListener("message", ({data}) => {
  if (document.querySelector(`[data-sign-out][data-person="${CSS.escape(data.signedOut)}"]`)) location.replace("/sign-in?out");
});
