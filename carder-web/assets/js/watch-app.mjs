// The app for the hand: which screen is open, who is watched, what is told at the edges. Nothing here needs a connection.
import * as vault from "./watch-vault.mjs";
import {ahead as nextPoint} from "./core.mjs";
import {Door} from "./watch-door.mjs";
import {Sync} from "./watch-sync.mjs";
import {Log} from "./watch-log.mjs";
import {PlayScreen} from "./watch-play.mjs";
import {SnapshotScreen} from "./watch-snapshot.mjs";
import {SampleScreen} from "./watch-sample.mjs";
import {MapScreen} from "./watch-map.mjs";
import {CountScreen} from "./watch-count.mjs";
import {ListenScreen} from "./watch-listen.mjs";
import {RegisterScreen} from "./watch-register.mjs";
import {all, clockWords, el, one, peg, said, show, words} from "./dom.mjs";

class App {
  constructor() {
    this.chosen = new Set();
    this.card = null;
    this.screen = null;
    this.sync = new Sync(change => this.hear(change));
    this.log = new Log(this.sync);
    this.door = new Door(this, this.sync);
    this.touchedAt = Date.now();
    this.screens = {play: new PlayScreen(this), snapshot: new SnapshotScreen(this), sample: new SampleScreen(this),
      map: new MapScreen(this), count: new CountScreen(this), listen: new ListenScreen(this), register: new RegisterScreen(this)};
    this.listen();
  }

  async start() {
    await Door.tidy();
    await this.sync.restore();
    await this.door.show();
    setInterval(() => this.tick(), 1000);
    await this.sync.start();
  }

  /** Somebody has opened their store. */
  async opened({name}) {
    one("[data-lock]").textContent = words(one("[data-lock]"), "", {name: name.split(" ")[0]});
    one("[data-lock]").hidden = false;
    this.bundle = await vault.get("bundle");
    const kept = await vault.get("place");
    // A clock that was wrong at the last contact is wrong still, until another contact says how.
    this.sync.clock ??= await vault.plain("clock");
    await this.log.restore();
    if (this.bundle) {
      this.chosen = new Set((kept?.chosen ?? []).filter(id => this.child(id).id));
      this.card = kept?.card ?? null;
      this.drawBundle();
    }
    const asked = new URLSearchParams(location.search);
    if (asked.get("room")) await vault.put("room", asked.get("room"));
    if (asked.get("child")) this.chosen = new Set([asked.get("child")]);
    await this.go(this.bundle ? kept?.screen ?? "start" : "empty");
    this.touchedAt = Date.now();
    this.tick();
    this.sync.soon();
  }

  /** Shut again, once all that was tapped is written: nothing that could be read stays in memory. */
  async lock() {
    this.locking = true;
    await this.log.settle();
    location.replace("/watch/");
  }

  child(id) {
    return this.bundle.children.find(child => child.id === id) ?? {name: said("somebodyElse"), mark: "anchor", days: [], languages: ""};
  }

  isHere(child) {
    return child.days.includes(this.now().weekday);
  }

  names(ids) {
    return [...ids].map(id => el("span", {class: "hand-name"}, ...peg(this.child(id))));
  }

  /** How far the nursery's time is ahead of the clocks of machines, in milliseconds; a bundle from before says nothing of it. */
  get ahead() {
    return this.bundle?.clockAheadMs ?? 0;
  }

  /** The nursery's time, in milliseconds, whatever the clock of the device says. */
  get right() {
    return Date.now() + this.ahead + (this.sync.clock?.wrong ? this.sync.clock.offset : 0);
  }

  /** Seconds since midnight and the day of the week, in the setting's zone. */
  now() {
    const zone = this.bundle.zoneId;
    if (this.wallClock?.zone !== zone) {
      this.wallClock = {zone, format: new Intl.DateTimeFormat("en-GB", {timeZone: zone, weekday: "short",
        hour: "2-digit", minute: "2-digit", second: "2-digit", hourCycle: "h23"})};
    }
    const parts = Object.fromEntries(this.wallClock.format.formatToParts(this.right).map(part => [part.type, part.value]));
    return {weekday: ["Mon", "Tue", "Wed", "Thu", "Fri", "Sat", "Sun"].indexOf(parts.weekday) + 1,
      second: Number(parts.hour) * 3600 + Number(parts.minute) * 60 + Number(parts.second)};
  }

  /** The nursery's day, such as 2026-05-06. */
  today() {
    return new Intl.DateTimeFormat("sv-SE", {timeZone: this.bundle.zoneId}).format(this.right);
  }

  /** The nursery's time: 09:05. */
  timeOfDay() {
    return timeWords(this.now().second);
  }

  drawBundle() {
    const bundle = this.bundle;
    one("[data-rooms]").replaceChildren(...bundle.rooms.map(room => el("option", {value: room.id, selected: room.id === bundle.room.id}, room.name)));
    this.drawCards();
    const byName = bundle.children.slice().sort((a, b) => this.isHere(b) - this.isHere(a) || a.name.localeCompare(b.name));
    one("[data-children]").replaceChildren(...byName.map(child => el("label", {class: this.isHere(child) ? "peg-choice" : "peg-choice away"},
      el("input", {type: "checkbox", value: child.id, checked: this.chosen.has(child.id)}), ...peg(child))));
    one("[data-first]").replaceChildren(...bundle.children.filter(child => this.isHere(child)).slice(0, 4)
      .map(child => el("li", {}, el("strong", {dir: "auto"}, child.name), ` ${child.because}`)));
    one("[data-policy]").textContent = bundle.policy;
    one("[data-policy]").hidden = !bundle.policy;
    one("[data-answers]").replaceChildren(...bundle.stepIn.map(answer => el("details", {class: `answer ${answer.urgency.toLowerCase()}`},
      el("summary", {}, answer.situation), el("p", {}, el("strong", {}, answer.soon + ". "), answer.action),
      answer.say ? el("p", {}, said("say"), " ", el("q", {}, answer.say)) : null)));
    one("[data-day]").replaceChildren(...(bundle.sessions[this.now().weekday] ?? []).map(session =>
      el("li", {}, `${timeWords(session.second)}–${timeWords(session.endSecond)} ${session.name}`)));
    const zone = id => bundle.zones.find(one => one.id === id)?.name ?? "";
    const out = bundle.cards.filter(card => card.zone).map(card => `${card.title} (${zone(card.zone)})`);
    one("[data-out]").textContent = out.length ? words(one("[data-out]"), "", {cards: out.join(", ")}) : "";
    // A bundle that was fetched before care was part of it has none.
    const toKnow = byName.filter(child => this.isHere(child) && child.care);
    one("[data-care]").replaceChildren(...toKnow.map(child => el("li", {}, el("strong", {dir: "auto"}, child.name), ` ${child.care}`)));
    one("[data-care-box]").hidden = !toKnow.length;
    this.drawStep();
  }

  /** What is out, by its picture; everything else by its title. */
  drawCards() {
    const [out, others] = [true, false].map(isOut => this.bundle.cards.filter(card => Boolean(card.zone) === isOut));
    all("[data-cards] img").forEach(image => URL.revokeObjectURL(image.src));
    one("[data-cards]").replaceChildren(...[{id: "", title: said("noCard")}, ...out].map(card => el("label", {class: "hand-tile"},
      el("input", {type: "radio", name: "card", value: card.id, checked: card.id === (this.card ?? "")}),
      // A bundle that was fetched before pictures were part of it has none.
      card.picture ? el("img", {alt: "", src: URL.createObjectURL(new Blob([card.picture], {type: "image/svg+xml"}))}) : null,
      el("span", {dir: "auto"}, card.title))));
    one("[data-card]").replaceChildren(el("option", {value: ""}, said("choose")),
      ...others.map(card => el("option", {value: card.id, selected: card.id === this.card}, card.title)));
    one("[data-other-card]").hidden = !others.length;
  }

  chooseCard(id) {
    this.card = id || null;
    all("[data-cards] input").forEach(input => { input.checked = input.value === id; });
    one("[data-card]").value = this.bundle.cards.some(card => card.id === id && !card.zone) ? id : "";
    this.drawStep();
    this.keepPlace();
  }

  drawStep() {
    const card = this.bundle.cards.find(card => card.id === this.card);
    one("[data-held]").textContent = card?.held ?? "";
    one("[data-held]").hidden = !card?.held;
    one("[data-step]").textContent = card ? [...this.chosen].filter(id => card.fitting[id])
      .map(id => `${this.child(id).name}: ${card.fitting[id]}`).join(". ") : "";
  }

  listen() {
    document.addEventListener("click", event => {
      const target = event.target.closest("button");
      if (!target) return;
      if (target.dataset.go) this.ask(target.dataset.go);
      else if (target.dataset.back !== undefined) this.go("start");
      else if (target.dataset.end !== undefined) this.end();
      else if (target.dataset.elbowOpen !== undefined || target.dataset.elbowClose !== undefined) this.elbow();
      else if (target.dataset.lock !== undefined) this.lock();
      else if (target.dataset.refusedSeen !== undefined) this.refusedSeen();
    });
    for (const touch of ["pointerdown", "keydown", "input"]) {
      document.addEventListener(touch, () => { this.touchedAt = Date.now(); }, {passive: true});
    }
    new BroadcastChannel("carder").addEventListener("message", ({data}) => data.signedOut === vault.readerId() && this.lock());
    one("[data-children]").addEventListener("change", event => {
      if (event.target.checked) this.chosen.add(event.target.value);
      else this.chosen.delete(event.target.value);
      one("[data-need-child]").hidden = true;
      this.drawStep();
      this.keepPlace();
    });
    one("[data-cards]").addEventListener("change", event => this.chooseCard(event.target.value));
    one("[data-card]").addEventListener("change", event => this.chooseCard(event.target.value));
    one("[data-rooms]").addEventListener("change", event => this.changeRoom(event.target));
    document.addEventListener("keydown", event => {
      if (event.key === "Escape" && !one("[data-elbow]").hidden) this.elbow();
    });
  }

  async changeRoom(select) {
    try {
      await this.sync.load(select.value);
      this.chosen.clear();
      this.card = null;
      await this.go("start");
    } catch (failure) {
      select.value = this.bundle.room.id;
      this.state({state: failure.state ?? "offline", count: this.sync.waiting});
    }
  }

  ask(screen) {
    const needs = !["sample", "register"].includes(screen);
    one("[data-need-child]").hidden = !needs || this.chosen.size > 0;
    if (!needs || this.chosen.size) this.go(screen);
  }

  async go(screen) {
    this.screen = screen;
    all("[data-screen]").forEach(section => { section.hidden = section.dataset.screen !== screen; });
    const nothing = ["empty", "lock", "choose"].includes(screen);
    all("[data-open]").forEach(part => { part.hidden = nothing; });
    one("[data-back]").hidden = nothing || screen === "start";
    one("[data-end]").hidden = !(screen in this.log.records) && !["play", "sample", "map", "count", "listen"].includes(screen);
    one("[data-title]").textContent = this.screens[screen] ? one(`[data-go=${screen}]`).textContent : said("watch");
    await this.screens[screen]?.open();
    this.marks();
    this.keepPlace();
    scrollTo(0, 0);
  }

  /** Which methods have a record that goes on. */
  marks() {
    all("[data-go]").forEach(button => button.classList.toggle("running", button.dataset.go in this.log.records));
  }

  end() {
    this.log.end(this.screen);
    this.screens[this.screen].close?.();
    this.go("start");
  }

  kept() {
    this.go(Object.keys(this.log.records).includes("play") ? "play" : "start");
  }

  keepPlace() {
    const place = {screen: this.screen, chosen: [...this.chosen], card: this.card};
    if (!this.bundle) return;
    // Whoever leaves the page before it is kept has to choose again: the page says when it is.
    const children = one("[data-children]");
    delete children.dataset.kept;
    this.log.line.add(() => vault.put("place", place)).then(() => { children.dataset.kept = place.chosen.length; });
  }

  elbow() {
    const panel = one("[data-elbow]");
    panel.hidden = !panel.hidden;
    one("[data-elbow-open]").setAttribute("aria-expanded", String(!panel.hidden));
    if (!panel.hidden) one("summary", panel)?.focus();
    else one("[data-elbow-open]").focus();
  }

  async hear(change) {
    if (change.state === "wiped") return location.replace("/sign-in?wiped");
    if (change.state === "met") return vault.isOpen() ? undefined : this.door.show();
    if (change.state === "refused") return this.drawRefused();
    if (change.state === "ended") return this.ended();
    if (change.state === "loaded") {
      this.bundle = change.bundle;
      if (!this.bundle.cards.some(card => card.id === this.card)) this.card = null;
      this.drawBundle();
      await this.screens.register.loaded();
      if (this.screen === "empty") await this.go("start");
      return;
    }
    if (change.state === "signin" && !this.bundle) {
      all("[data-empty-signin], [data-empty-link]").forEach(part => { part.hidden = false; });
      one("[data-empty-load]").hidden = true;
    }
    this.state(change);
  }

  state({state, count, clock}) {
    const line = one("[data-state]");
    const name = count ? (state === "sent" ? "waiting" : state) : ["offline", "signin"].includes(state) ? state : "sent";
    const shown = this.sync.isFull ? "full" : name;
    if (line.dataset.state !== shown) line.dataset.state = shown;
    one("[data-sign-in]").hidden = state !== "signin";
    show(line, words(line, shown, {count}) + (clock?.wrong ? ". " + words(line, "clock") : ""));
  }

  /** Their sign-in here has ended: what they could read goes, what waits to be sent stays. */
  async ended() {
    this.locking = true;
    await this.log.settle();
    await vault.forget(vault.readerId(), false);
    location.replace("/watch/");
  }

  /** What the server could not take of what they wrote, here or on another device. */
  async drawRefused() {
    if (!vault.isOpen()) return;
    const refused = await this.sync.get("/watch/refused").catch(() => []);
    const box = one("[data-refused]");
    box.hidden = !refused.length;
    one("ul", box).replaceChildren(...refused.map(item => el("li", {}, item.words ? el("q", {dir: "auto"}, item.words) : `${item.kind} `, ` ${item.why}`)));
  }

  async refusedSeen() {
    await this.sync.post("/watch/refused/seen", {}).catch(() => {});
    await this.drawRefused();
  }

  /** The day of whoever reads is over, or nobody has touched it for long; a record that goes on keeps it open. */
  tick() {
    if (vault.isOpen() && !this.locking) {
      if (this.door.endsAt <= Date.now()) return this.ended();
      const idle = Date.now() - this.touchedAt >= this.sync.policy.locksAfter;
      if (idle && !Object.keys(this.log.records).length) return this.lock();
    }
    for (const [name, screen] of Object.entries(this.screens)) {
      if (screen.tick && screen.record && (name === this.screen || name === "sample")) screen.tick();
    }
    if (!this.bundle) return;
    const line = one("[data-ahead]");
    const now = this.now();
    const next = nextPoint(this.bundle.days[now.weekday] ?? [], this.bundle.noticeSeconds * 1000, now.second);
    if (!next) line.textContent = words(line, "none");
    else {
      const notice = timeWords(next.noticeSecond);
      const left = next.left >= 3_600_000 ? clockWords(next.left).slice(0, -3) + " h" : `${Math.ceil(next.left / 60_000)} min`;
      line.textContent = `${words(line, "", {name: next.name, left})}, ${words(line, next.untilNotice === undefined ? "now" : "notice", {notice})}`;
      line.classList.toggle("due", next.untilNotice === undefined);
    }
  }
}

/** Seconds since midnight: 09:05. */
function timeWords(second) {
  return [Math.floor(second / 3600), Math.floor(second / 60) % 60].map(part => String(part).padStart(2, "0")).join(":");
}

const app = new App();
// A browser that cannot store anything (some private windows) can only tell.
app.start().catch(failure => {
  one("[data-empty-load]").textContent = said("cannotKeep", {why: failure.message ?? failure.state ?? failure});
  all("[data-screen]").forEach(section => { section.hidden = section.dataset.screen !== "empty"; });
});
if ("serviceWorker" in navigator) navigator.serviceWorker.register("/watch/worker.js", {scope: "/watch/"}).catch(() => {});
