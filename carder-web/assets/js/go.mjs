// Opens the same page for what was chosen, with what was chosen besides. Markup: data-go on a select of a form. What was written
// stays out of the address: it may name a child.
document.addEventListener("change", event => {
  const chosen = event.target.closest("select[data-go]");
  if (!chosen) return;
  const address = new URL(window.location.pathname, window.location.origin);
  for (const select of chosen.form.querySelectorAll("select")) address.searchParams.set(select.name, select.value);
  window.location.assign(address);
});
