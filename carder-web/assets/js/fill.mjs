// Puts a value that the server worked out into a field. Markup: data-fill="<id>" data-value="2.7" on a button.
document.addEventListener("click", event => {
  const button = event.target.closest("[data-fill]");
  if (!button) return;
  const field = document.getElementById(button.dataset.fill);
  field.value = button.dataset.value;
  field.dispatchEvent(new Event("change", {bubbles: true}));
  field.focus();
});
