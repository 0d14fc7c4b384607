// Who may see the children on this device: everybody opens their own store, with their own secret. Two taps change the adult: the name in
// the head of the page, then the next one's name.
import * as vault from "./watch-vault.mjs";
import {MOST_TRIES, make, mayHavePasskey, problem, unwrap, wait} from "./watch-lock.mjs";
import {all, el, one, words} from "./dom.mjs";

export class Door {
  /** @param app told when somebody has opened it; @param sync knows who is signed in */
  constructor(app, sync) {
    this.app = app;
    this.sync = sync;
    this.picks = 0;
    this.pressed = null;
    this.unlockForm = one("[data-unlock]");
    this.chooseForm = one("[data-choose]");
    one("[data-people]").addEventListener("click", event => {
      const button = event.target.closest("button");
      if (!button) return;
      this.picks += 1;
      this.pressed = button.value;
      this.pick(button.value);
    });
    one("[data-door-back]").addEventListener("click", () => this.app.go("lock"));
    this.unlockForm.addEventListener("submit", event => this.handle(event, this.unlock));
    this.chooseForm.addEventListener("submit", event => this.handle(event, this.choose));
    this.chooseForm.addEventListener("change", event => event.target.name === "kind" && this.drawKind());
  }

  /** Throws away what is older than its day; whoever it belongs to signs in with their password again. */
  static async tidy() {
    for (const person of await vault.persons()) {
      if (person.endsAt <= Date.now()) await vault.forget(person.id, false);
    }
  }

  /** Draws who can open it. Whoever is typing is left alone. */
  async show() {
    const {picks} = this;
    this.people = new Map((await vault.persons()).map(person => [person.id, person]));
    const met = this.sync.met;
    const drawn = [...this.people.keys(), met?.person, met?.accepts].join();
    if (drawn === this.drawn) return;
    this.drawn = drawn;
    const isNew = met?.person && !this.people.has(met.person);
    if (isNew) this.people.set(met.person, {id: met.person, name: met.name});
    if (!this.people.size) return this.app.go("empty");
    const names = JSON.stringify([...this.people.values()].map(({id, name}) => [id, name]));
    if (names !== this.names) {
      // A name that is drawn anew while a finger is on it loses the press.
      this.names = names;
      one("[data-people]").replaceChildren(...[...this.people.values()].map(person => el("button", {type: "button", value: person.id}, person.name)));
    }
    const own = this.people.get(met?.person) ?? (this.people.size === 1 ? [...this.people.values()][0] : null);
    const typing = !this.unlockForm.hidden && (this.unlockForm.elements.secret.value || this.busy);
    if (typing || (own && own.id === this.person?.id)) return this.press();
    await this.app.go("lock");
    // Somebody may have pressed another name, while this was being drawn or before it was drawn again.
    if (this.people.has(this.pressed)) return this.press();
    if (own && own.kind !== "passkey" && picks === this.picks) await this.pick(own.id);
    return undefined;
  }

  /** Marks whose secret is asked for. */
  press() {
    all("[data-people] button").forEach(button => button.setAttribute("aria-pressed", String(button.value === this.person?.id)));
  }

  async pick(id) {
    this.person = this.people.get(id);
    this.press();
    if (!this.person.kind) return this.begin();
    const typed = this.person.kind !== "passkey";
    this.unlockForm.hidden = false;
    this.fault(this.unlockForm, null);
    one("[data-secret-field]", this.unlockForm).hidden = !typed;
    one("[data-secret-label]").textContent = words(one("[data-secret-label]"), this.person.kind);
    this.unlockForm.elements.secret.inputMode = this.person.kind === "pin" ? "numeric" : "text";
    this.unlockForm.elements.secret.value = "";
    if (typed) this.unlockForm.elements.secret.focus();
    else await this.guard(this.unlockForm, () => this.unlock());
  }

  /** Somebody is here for the first time. */
  async begin() {
    const passkey = await mayHavePasskey();
    const offered = this.sync.policy.accepts.filter(kind => kind !== "passkey" || passkey);
    all("[data-kind]", this.chooseForm).forEach(label => { label.hidden = !offered.includes(label.dataset.kind); });
    const first = one(`[name=kind][value=${offered[0]}]`, this.chooseForm);
    one("[data-no-kind]").hidden = Boolean(first);
    one("[data-choose-button]").disabled = !first;
    one("[data-choose-name]").textContent = this.person.name;
    this.chooseForm.reset();
    if (first) first.checked = true;
    this.fault(this.chooseForm, null);
    this.drawKind();
    await this.app.go("choose");
    this.chooseForm.elements.fresh.focus();
  }

  drawKind() {
    const kind = this.chooseForm.elements.kind.value;
    all("[data-typed]", this.chooseForm).forEach(field => { field.hidden = kind === "passkey"; });
    for (const name of ["fresh", "again"]) this.chooseForm.elements[name].inputMode = kind === "pin" ? "numeric" : "text";
  }

  handle(event, work) {
    event.preventDefault();
    return this.guard(event.target, () => work.call(this));
  }

  /** One press at a time; without a connection, or where the device's own lock was not passed, that is said. */
  async guard(form, work) {
    if (this.busy) return;
    this.busy = true;
    try {
      await work();
    } catch (failure) {
      vault.close();
      this.fault(form, failure.code === "prf" ? "prf" : failure.state === "signin" ? "signin" : failure.state ? "offline" : "refused");
    } finally {
      this.busy = false;
    }
  }

  fault(form, name, values = {}) {
    const line = one("[data-door-fault]", form);
    line.hidden = !name;
    line.textContent = name ? words(line, name, values) : "";
  }

  async unlock() {
    const form = this.unlockForm;
    const lock = this.person;
    const left = lock.notBefore - Date.now();
    if (left > 0) return this.fault(form, "wait", {seconds: Math.ceil(left / 1000)});
    const key = await unwrap(lock, form.elements.secret.value);
    form.elements.secret.value = "";
    if (!key) return this.wrong(lock);
    Object.assign(lock, {tries: 0, notBefore: 0});
    await vault.setPerson(lock);
    vault.open(lock.id, key);
    this.pressed = null;
    await this.enter(lock);
  }

  async wrong(lock) {
    lock.tries += 1;
    lock.notBefore = Date.now() + wait(lock.tries);
    if (lock.tries < MOST_TRIES) {
      await vault.setPerson(lock);
      return this.fault(this.unlockForm, "wrong", {left: MOST_TRIES - lock.tries});
    }
    await vault.forget(lock.id, true);
    this.fault(this.unlockForm, "out", {name: lock.name});
    one("[data-secret-field]", this.unlockForm).hidden = true;
  }

  async choose() {
    const {kind, fresh, again} = Object.fromEntries(new FormData(this.chooseForm));
    const wrong = problem(kind, fresh, again);
    if (wrong) return this.fault(this.chooseForm, wrong);
    const {lock, key} = await make({id: this.person.id, name: this.person.name}, kind, fresh);
    this.chooseForm.reset();
    vault.open(lock.id, key);
    await this.enter(lock);
  }

  /** Their store is open; where their day here is over, or only begins, whoever is signed in with a password goes on. */
  async enter(lock) {
    const over = !lock.endsAt || lock.endsAt <= Date.now();
    let ticket = over ? null : await vault.get("ticket");
    if (!ticket) {
      if (this.sync.met?.person !== lock.id) throw {state: "signin"};
      const signIn = await this.sync.signOn();
      ticket = signIn.token;
      Object.assign(lock, {signIn: signIn.id, endsAt: Date.parse(signIn.endsAt) - (this.sync.clock?.offset ?? 0)});
      await vault.put("ticket", ticket);
      await vault.setPerson(lock);
    }
    vault.sign(ticket);
    this.sync.signIn = lock.signIn;
    this.endsAt = lock.endsAt;
    await this.app.opened(lock);
  }
}
