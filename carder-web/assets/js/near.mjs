// What is found by name while somebody types at the top of a page: arrows lead along it, Escape back to the field. Markup: data-near on the form.
document.addEventListener("keydown", event => {
  const form = event.target.closest?.("[data-near]");
  if (!form) return;
  const field = form.querySelector("[type=search]");
  const stops = [field, ...form.querySelectorAll("#near a")];
  const at = stops.indexOf(event.target);
  if (event.key === "Escape") {
    form.querySelector("#near").replaceChildren();
    field.focus();
  } else if (event.key === "ArrowDown" || event.key === "ArrowUp") {
    event.preventDefault();
    stops[Math.min(stops.length - 1, Math.max(0, at + (event.key === "ArrowDown" ? 1 : -1)))].focus();
  }
});
