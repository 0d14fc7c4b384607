// Three small words for pages that scripts draw.

export const one = (selector, inside = document) => inside.querySelector(selector);
export const all = (selector, inside = document) => [...inside.querySelectorAll(selector)];

/** An element with attributes and children; what is undefined or false is left out. */
export function el(name, attributes = {}, ...children) {
  const element = document.createElement(name);
  for (const [key, value] of Object.entries(attributes)) {
    if (value === undefined || value === false || value === null) continue;
    if (key in element && typeof value === "function") element[key] = value;
    else element.setAttribute(key, value === true ? "" : value);
  }
  element.append(...children.filter(child => child !== undefined && child !== null));
  return element;
}

/** Words of an element, data-words or data-words-name, with {places} filled. */
export function words(element, name, values = {}) {
  const text = element.dataset[name ? "words" + name[0].toUpperCase() + name.slice(1) : "words"] ?? "";
  return text.replace(/\{(\w+)\}/g, (place, key) => values[key] ?? place);
}

/** Shows a text in an element; one that it shows already is left alone, so that nothing is laid out anew. */
export function show(element, text) {
  if (element.textContent !== text) element.textContent = text;
}

/** What scripts of the page say: words of its element data-said. */
export const said = (name, values) => words(one("[data-said]"), name, values);

/** A length of time in ms: 3:20, or 1:02:03. */
export function clockWords(ms) {
  const seconds = Math.floor(ms / 1000);
  const [h, m, s] = [Math.floor(seconds / 3600), Math.floor(seconds / 60) % 60, seconds % 60];
  const two = value => String(value).padStart(2, "0");
  return h ? `${h}:${two(m)}:${two(s)}` : `${m}:${two(s)}`;
}

/** A peg mark with a first name. */
export function peg(child) {
  const svg = document.createElementNS("http://www.w3.org/2000/svg", "svg");
  svg.setAttribute("class", "peg");
  svg.setAttribute("viewBox", "0 0 24 24");
  svg.setAttribute("aria-hidden", "true");
  const use = svg.appendChild(document.createElementNS("http://www.w3.org/2000/svg", "use"));
  use.setAttribute("href", `#peg-${child.mark}`);
  return [svg, el("span", {dir: "auto"}, child.name)];
}
