// Gives the core the words that the page carries, in the page's language: whoever asks the core for something that is read imports this.
import {speak} from "./core.mjs";

const carried = document.querySelector("[data-core-words]");
if (carried) {
  const words = JSON.parse(carried.dataset.coreWords);
  speak(Object.keys(words), Object.values(words));
}
