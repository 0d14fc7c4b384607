// Forms whose answer is the page that they stand on (carder:stays): where the answer is another page, that is opened; and whoever pressed
// something that is gone now, or must read what was wrong, goes on from there.
const ofAForm = event => event.detail.ctx?.select === "#main";

document.addEventListener("htmx:before:swap", event => {
  if (!ofAForm(event)) return;
  const answered = new URL(event.detail.ctx.response.raw.url);
  if (!event.detail.ctx.response.raw.redirected) return;
  // What was carried, or filtered, is over where the answer says so.
  if (answered.pathname === window.location.pathname) return history.replaceState(history.state, "", answered);
  event.preventDefault();
  window.location.assign(answered);
});

document.addEventListener("htmx:after:swap", event => {
  if (!ofAForm(event)) return;
  const faults = document.querySelector("#main [data-focus]");
  if (faults) return faults.focus();
  if (document.activeElement === document.body) (document.querySelector("#just-done button") ?? document.querySelector("#main")).focus();
});
