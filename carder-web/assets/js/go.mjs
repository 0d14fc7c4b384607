// Opens the same page for what was chosen. Markup: data-go="<parameter>" on a select.
document.addEventListener("change", event => {
  const chosen = event.target.closest("select[data-go]");
  if (!chosen) return;
  const address = new URL(window.location.href);
  address.searchParams.set(chosen.dataset.go, chosen.value);
  window.location.assign(address);
});
