// What was typed before the page listened, or what the browser put back after "Back", is reckoned like what is typed later.
const differs = field => {
  if (field.tagName === "SELECT") return [...field.options].some(option => option.defaultSelected)
    ? [...field.options].some(option => option.selected !== option.defaultSelected) : field.selectedIndex > 0;
  return ["checkbox", "radio"].includes(field.type) ? field.checked !== field.defaultChecked : "defaultValue" in field && field.value !== field.defaultValue;
};

addEventListener("htmx:after:init", ({target}) => {
  if (target.matches("form") && [...target.elements].some(differs)) target.dispatchEvent(new Event("change", {bubbles: true}));
});
