// A second press on a save button while the first is on its way does nothing. Markup: data-once on the form.
// The server takes a record with the same id only once in any case; this spares the wait.
document.addEventListener("submit", event => {
  const form = event.target;
  if (!form.matches("[data-once]")) return;
  if (form.dataset.sent) return event.preventDefault();
  form.dataset.sent = "yes";
});
window.addEventListener("pageshow", () => {
  document.querySelectorAll("[data-once]").forEach(form => delete form.dataset.sent);
});
