// Brings what is wrong to eye and ear when a form comes back. Markup: data-focus on the summary.
document.querySelector("[data-focus]")?.focus();

// Whoever looked for something goes on typing behind it.
const sought = document.querySelector("[type=search][autofocus]");
sought?.setSelectionRange(sought.value.length, sought.value.length);
