// Peg marks of a room: a child's name is dragged onto another mark. The links and buttons there do the same.
import {all, one} from "./dom.mjs";

let carried = null;

document.addEventListener("dragstart", event => { carried = event.target.closest?.("[data-child]"); });
document.addEventListener("dragend", () => {
  carried = null;
  all(".over").forEach(peg => peg.classList.remove("over"));
});
document.addEventListener("dragover", event => {
  const peg = event.target.closest?.("[data-mark]");
  if (!carried || !peg) return;
  event.preventDefault();
  all("[data-mark]").forEach(other => other.classList.toggle("over", other === peg));
});
document.addEventListener("drop", event => {
  const peg = event.target.closest?.("[data-mark]");
  if (!carried || !peg || peg.contains(carried)) return;
  event.preventDefault();
  const form = one("#hang");
  form.action = `/children/${carried.dataset.child}/peg`;
  form.elements.mark.value = peg.dataset.mark;
  form.requestSubmit();
});
