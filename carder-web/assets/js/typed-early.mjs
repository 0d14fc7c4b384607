// What was typed before the page listened, or what the browser put back after "Back", is worked out like what is typed later.
const differs = field => {
  if (field.tagName === "SELECT") return [...field.options].some(option => option.defaultSelected)
    ? [...field.options].some(option => option.selected !== option.defaultSelected) : field.selectedIndex > 0;
  return ["checkbox", "radio"].includes(field.type) ? field.checked !== field.defaultChecked : "defaultValue" in field && field.value !== field.defaultValue;
};

/**
 * Whether a form is to be asked for its answer by itself: one that works out as one types. A form that writes when it changes, such as
 * the tick of a list, is never sent by itself: what the browser put back may be older than what a colleague has ticked since.
 */
export const isAskedAgain = form => form.tagName === "FORM" && (form.getAttribute("hx-trigger") ?? "").startsWith("input")
  && [...form.elements].some(differs);

globalThis.addEventListener?.("htmx:after:init", ({target}) => {
  if (isAskedAgain(target)) target.dispatchEvent(new Event("change", {bubbles: true}));
});
