// Reading a journal: a part counts as shown once its end was in view. Markup: data-reading around, data-shown="PART" on a tick; headings
// of parts are followed by their rows.
const ticks = new Map([...document.querySelectorAll("[data-shown]")].map(tick => [tick.dataset.shown, tick]));

/** The last row of each part, in the order of the page. */
function ends() {
  const last = new Map();
  let part = "cover";
  for (const row of document.querySelectorAll("[data-reading] .reading > .row")) {
    part = row.querySelector("[data-told]")?.dataset.told ?? part;
    last.set(part, row);
  }
  return last;
}

const watcher = new IntersectionObserver(seen => {
  for (const one of seen) {
    const tick = one.isIntersecting ? ticks.get(one.target.dataset.endOf) : null;
    if (tick) {
      tick.checked = true;
      watcher.unobserve(one.target);
    }
  }
}, {threshold: 0, rootMargin: "0px 0px -10% 0px"});

for (const [part, row] of ends()) {
  row.dataset.endOf = part;
  watcher.observe(row);
}
