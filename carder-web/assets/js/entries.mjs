// Entries of a journal are dragged to where another stands. The buttons beside each do the same, one place at a time.
import {all, one} from "./dom.mjs";

let carried = null;

const under = event => {
  const entry = event.target.closest?.("[data-entry]");
  const isHere = entry && carried && entry !== carried && entry.parentElement === carried.parentElement;
  return isHere ? entry : null;
};

document.addEventListener("dragstart", event => {
  const head = event.target.closest?.(".entry-head");
  carried = head?.closest("[data-entry]") ?? null;
});
document.addEventListener("dragend", () => {
  carried = null;
  all(".over").forEach(entry => entry.classList.remove("over"));
});
document.addEventListener("dragover", event => {
  const entry = under(event);
  all("[data-entry]").forEach(other => other.classList.toggle("over", other === entry));
  if (entry) event.preventDefault();
});
document.addEventListener("drop", event => {
  const entry = under(event);
  if (!entry) return;
  event.preventDefault();
  const form = one("#names");
  form.elements.dragged.value = carried.dataset.entry;
  form.elements.onto.value = entry.dataset.entry;
  form.requestSubmit();
});
