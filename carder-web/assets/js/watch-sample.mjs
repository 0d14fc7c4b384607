// Time sample: a silent prompt at the edge every few minutes, for one child or all of the room in turn.
import {looks as count, nextLook} from "./core.mjs";
import {all, clockWords, el, one, words} from "./dom.mjs";

export class SampleScreen {
  constructor(app) {
    this.app = app;
    this.root = one("[data-screen=sample]");
    this.edge = one("[data-edge]");
    one("[data-every]", this.root).addEventListener("change", () => this.schedule());
    one("[data-sweep]", this.root).addEventListener("change", () => {
      this.at = 0;
      this.draw();
      this.tick();
    });
    one("[data-look]", this.root).addEventListener("click", () => this.look());
  }

  open() {
    this.record = this.app.log.open("sample", this.app.bundle, this.app.card);
    one("[data-zones]", this.root).replaceChildren(...this.app.bundle.zones.map(zone => el("label", {},
      el("input", {type: "radio", name: "zone", value: zone.id}), el("span", {}, zone.name))));
    this.at = 0;
    this.schedule();
    this.draw();
  }

  /** Children in turn, by name, so that no contact in the middle of a sweep changes whose turn it is: those chosen, or all who are here. */
  children() {
    const everybody = one("[data-sweep]", this.root).checked || !this.app.chosen.size;
    return this.app.bundle.children.filter(child => everybody ? this.app.isHere(child) : this.app.chosen.has(child.id))
      .sort((a, b) => a.name.localeCompare(b.name));
  }

  schedule() {
    this.every = Number(one("[data-every]", this.root).value) * 60_000;
    this.next = nextLook(this.record.startedAt, this.every, Date.now());
    this.due = !count(this.record.entries).looks;
    this.tick();
  }

  look() {
    const picked = name => one(`input[name=${name}]:checked`, this.root)?.value;
    const child = this.current();
    if (!child) return;
    this.app.log.add("sample", {kind: "LOOK", child: child.id, zone: picked("zone") ?? null, code: picked("activity") ?? "",
      company: picked("company") ?? "", number: picked("depth") ? Number(picked("depth")) : null});
    all("input[type=radio]", this.root).forEach(radio => { radio.checked = false; });
    this.at++;
    if (this.at % this.children().length === 0) {
      this.due = false;
      this.next = nextLook(this.record.startedAt, this.every, Date.now());
    }
    this.draw();
    this.tick();
  }

  current() {
    const children = this.children();
    return children[this.at % Math.max(1, children.length)];
  }

  draw() {
    const child = this.current();
    one("[data-sample-who]", this.root).replaceChildren(...child ? this.app.names([child.id]) : []);
    const sum = one("[data-sample-sum]", this.root);
    const counted = count(this.record.entries);
    const most = Object.entries(counted.activities).filter(([, times]) => times > 0).sort((a, b) => b[1] - a[1]).slice(0, 3)
      .map(([code, times]) => `${one(`[name=activity][value=${code}]`, this.root).parentElement.textContent.trim()} ${times}`);
    sum.textContent = counted.looks ? words(sum, "", {looks: counted.looks, most: most.join(", ") || "—"}) : "";
  }

  /** Also while another screen is open: the edge of the screen tells, without a sound. */
  tick() {
    if (!this.record) return;
    if (Date.now() >= this.next) {
      this.due = true;
      this.next = nextLook(this.record.startedAt, this.every, Date.now());
    }
    const prompt = one("[data-prompt]", this.root);
    const name = this.current()?.name ?? "";
    prompt.textContent = this.due ? words(prompt, "now", {name}) : words(prompt, "next", {left: clockWords(this.next - Date.now())});
    prompt.classList.toggle("due", this.due);
    this.edge.hidden = !this.due || this.app.screen === "sample";
    this.edge.textContent = words(prompt, "now", {name});
  }

  close() {
    this.record = null;
    this.edge.hidden = true;
  }
}
