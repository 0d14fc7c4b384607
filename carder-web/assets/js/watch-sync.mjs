// Sends what the device holds, oldest first, until the server says that it has it, and asks for what its reader may carry. One request is on
// its way at a time; nothing is let go before the answer names it. Whoever is signed in brings what everybody has written here.
import * as vault from "./watch-vault.mjs";
import {batch, pause, settle} from "./watch-queue.mjs";
import {letters} from "./watch-seal.mjs";
import {clock as measure} from "./core.mjs";

const BATCH = 200;
const CHUNK = 512 * 1024;
const QUIET = 800;
const FRESH = 300_000;

export class Sync {
  /** @param hears told of each change: {state, count} */
  constructor(hears) {
    this.hears = hears;
    this.tries = 0;
    this.running = null;
    this.timer = null;
    this.waiting = 0;
    this.coming = 0;
    this.loading = Promise.resolve();
  }

  /** Something is about to be put into the queue; it waits from now on. */
  adding(items) {
    this.coming += items;
    this.waiting += items;
    if (items) this.tell({state: "waiting"});
  }

  /** It lies in the queue now. */
  added(items) {
    this.coming -= items;
  }

  /** The device has no room for what was tapped, or has some again. */
  full(isFull) {
    this.isFull = isFull;
    this.tell({state: "waiting"});
  }

  tell(change) {
    this.hears({...change, count: this.waiting});
  }

  async recount() {
    this.waiting = await vault.waiting() + this.coming;
  }

  /** What the device remembers, before anything is sent. */
  async restore() {
    this.device = await vault.plain("device");
    if (!this.device) {
      this.device = crypto.randomUUID();
      await vault.setPlain("device", this.device);
    }
    this.policy = await vault.plain("policy") ?? {accepts: [], locksAfter: FRESH};
    await this.recount();
  }

  start() {
    addEventListener("online", () => this.soon());
    document.addEventListener("visibilitychange", () => document.hidden || this.soon());
    return this.soon();
  }

  /** Sends now, or right after what is under way. */
  soon() {
    clearTimeout(this.timer);
    this.tries = 0;
    this.again = this.running !== null;
    return this.running ?? this.go();
  }

  /** Sends once nobody has tapped for a moment: the hand comes first. */
  afterwards() {
    clearTimeout(this.quiet);
    this.quiet = setTimeout(() => this.soon(), QUIET);
  }

  go() {
    this.running = this.send()
      .then(() => { this.tries = 0; }, failure => this.later(failure))
      .finally(() => {
        this.running = null;
        if (this.again) {
          this.again = false;
          this.go();
        }
      });
    return this.running;
  }

  async later(failure) {
    if (failure.wiped) return;
    await this.recount();
    this.tell({state: failure.state ?? "offline"});
    this.timer = setTimeout(() => this.go(), pause(this.tries++));
  }

  /** First word of every exchange: the server's time, who is signed in, whether all is to be wiped. */
  async contact() {
    const sentAt = Date.now();
    const holds = this.signIn ? `&signIn=${this.signIn}` : "";
    const answer = await fetch(`/watch/contact?device=${this.device}${holds}`, {headers: {"X-Requested-By": "fetch"}});
    if (!answer.ok) throw {state: "offline"};
    const contact = await answer.json();
    const receivedAt = Date.now();
    if (receivedAt >= sentAt) {
      const {offset, uncertainty, wrong} = measure(sentAt, Date.parse(contact.serverAt), receivedAt);
      this.clock = {offset, uncertainty, wrong};
      await vault.setPlain("clock", this.clock);
    }
    this.token = {[contact.tokenHeader]: contact.token, "X-Requested-By": "fetch"};
    await vault.setPlain("server", contact.seal);
    if (contact.person) {
      this.policy = {accepts: contact.accepts, locksAfter: contact.locksAfterSeconds * 1000};
      await vault.setPlain("policy", this.policy);
    }
    this.met = contact;
    return contact;
  }

  async send() {
    let contact = await this.contact();
    if (contact.person) {
      await this.belong(contact.setting);
      await this.empty();
    }
    if (contact.revoked) {
      if (contact.person) await fetch(`/watch/wiped?device=${this.device}`, {method: "POST", headers: this.token}).catch(() => {});
      await this.wipe();
    }
    if (vault.isOpen()) {
      if (!contact.holds) return this.hears({state: "ended"});
      if (contact.person !== vault.readerId()) contact = await this.takeOver();
    }
    this.hears({state: "met", contact});
    if (!contact.person) throw {state: "signin"};
    if (vault.isOpen() && (!this.loadedAt || Date.now() - this.loadedAt > FRESH)) await this.load();
    await this.recount();
    this.tell({state: this.waiting ? "waiting" : "sent", clock: this.clock});
  }

  /** Within a setting a device keeps its number; another setting must not learn it. */
  async belong(setting) {
    if (await vault.plain("setting") === setting) return;
    if (await vault.plain("setting")) {
      this.device = crypto.randomUUID();
      await vault.setPlain("device", this.device);
    }
    await vault.setPlain("setting", setting);
  }

  /** Nobody is signed in, or somebody else: whoever has opened their store is from now on. */
  async takeOver() {
    const answer = await this.fetch("/watch/unlock", {token: await vault.get("ticket")});
    if (answer.status === 401) {
      this.hears({state: "ended"});
      throw {state: "signin"};
    }
    if (!answer.ok) throw {state: "offline"};
    return this.contact();
  }

  /** A sign-in of whoever is signed in with their password, for as long as that lasts. */
  async signOn() {
    return this.post("/watch/sign-ins", {device: this.device, name: deviceName()});
  }

  async empty() {
    for (let items = await vault.oldest(BATCH); items.length; items = await vault.oldest(BATCH)) {
      await this.recount();
      this.tell({state: "sending"});
      const together = batch(items);
      if (together[0].type === "photo") await this.upload(together[0]);
      const {done, refused, again} = settle(together, (await this.deliver(together)).results);
      await vault.drop(done);
      for (const item of again) await vault.removePlain(`upload ${item.id}`);
      if (refused.length) this.hears({state: "refused"});
      if (!done.length) throw {state: "offline"};
    }
  }

  deliver(items) {
    return this.post("/watch/sync", {
      device: this.device, name: deviceName(), clockOffsetMs: Math.round(this.clock?.offset ?? 0),
      clockUncertaintyMs: Math.round(this.clock?.uncertainty ?? 0), unsent: this.waiting - items.length,
      items: items.map(({id, sequence, upload, sealed}) =>
        ({id, type: "sealed", sequence, upload: upload ?? "", sealed: {...sealed, data: letters(sealed.data)}})),
    });
  }

  fetch(path, value) {
    return fetch(path, {method: "POST", headers: {...this.token, "Content-Type": "application/json"}, body: JSON.stringify(value)});
  }

  async post(path, value) {
    const answer = await this.fetch(path, value);
    if (answer.status === 401 || answer.status === 403) throw {state: "signin"};
    if (!answer.ok) throw {state: "offline"};
    return answer.status === 204 ? null : answer.json();
  }

  async get(path) {
    const answer = await fetch(path, {headers: {"X-Requested-By": "fetch", ...this.token}});
    if (!answer.ok) throw {state: answer.status === 401 || answer.status === 403 ? "signin" : "offline", status: answer.status};
    return answer.json();
  }

  /** A photo by the tus protocol: where it was cut off, it goes on. */
  async upload(item) {
    if (!window.tus) await import("./tus.min.js");
    const known = await vault.plain(`upload ${item.id}`);
    const bytes = await vault.file(item.id);
    if (!bytes) return;
    item.upload = await new Promise((resolve, reject) => {
      const upload = new window.tus.Upload(new Blob([bytes]), {
        endpoint: "/watch/uploads", uploadUrl: known, chunkSize: CHUNK, headers: this.token, retryDelays: null,
        storeFingerprintForResuming: false,
        onUploadUrlAvailable: () => vault.setPlain(`upload ${item.id}`, new URL(upload.url, location).pathname),
        onError: failure => reject(Object.assign(failure, {state: failure.originalResponse?.getStatus() === 401 ? "signin" : "offline"})),
        onSuccess: () => resolve(new URL(upload.url, location).pathname),
      });
      upload.start();
    });
  }

  /**
   * What the device carries for the room that was chosen last. One load at a time: the answer about the room before
   * must not come after that about the room just chosen.
   */
  load(room) {
    this.loading = this.loading.catch(() => {}).then(() => this.fetchBundle(room));
    return this.loading;
  }

  async fetchBundle(room) {
    const chosen = room ?? (await vault.get("room"));
    let bundle;
    try {
      bundle = await this.get(`/watch/bundle?device=${this.device}` + (chosen ? `&room=${chosen}` : ""));
    } catch (failure) {
      if (failure.status !== 404 || !chosen || room) throw failure;
      await vault.remove("room");
      return this.fetchBundle();
    }
    // Somebody else may have taken the tablet while the answer was on its way.
    if (bundle.person !== vault.readerId()) throw {state: "signin"};
    this.loadedAt = Date.now();
    await vault.put("room", bundle.room.id);
    await vault.put("bundle", bundle);
    this.hears({state: "loaded", bundle});
    this.hears({state: "refused"});
    return bundle;
  }

  async wipe() {
    clearTimeout(this.timer);
    await vault.wipe();
    this.hears({state: "wiped"});
    throw {wiped: true};
  }
}

// Kept as it is, so that it says the same in every language.
function deviceName() {
  const system = /Android|iPhone|iPad|Windows|Mac OS|CrOS|Linux/.exec(navigator.userAgent) ?? [];
  return [...system, `${Math.min(screen.width, screen.height)} × ${Math.max(screen.width, screen.height)}`].join(", ");
}
