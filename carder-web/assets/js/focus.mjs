// Brings what is wrong to eye and ear when a form comes back. Markup: data-focus on the summary.
document.querySelector("[data-focus]")?.focus();
