// Sends what the device holds, oldest first, until the server says that it has it, and asks for what it carries.
// One request is on its way at a time; nothing is let go before the answer names it.
import * as vault from "./watch-vault.mjs";
import {batch, deadline, pause, settle} from "./watch-queue.mjs";
import {clock as measure} from "./core.mjs";

const BATCH = 200;
const CHUNK = 512 * 1024;
const QUIET = 800;

export class Sync {
  /** @param hears told of each change: {state, count, person, refused} */
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
    this.device = await vault.get("device");
    if (!this.device) {
      this.device = crypto.randomUUID();
      await vault.put("device", this.device);
    }
    this.last = await vault.get("contact");
    await this.recount();
  }

  /** How far the time without contact has come. */
  end() {
    return this.last ? deadline(this.last, this.waiting, Date.now()) : {};
  }

  /** Unsent records that the end of that time would take have been told of. */
  async warned() {
    if (!this.waiting || this.last.warnedAt) return;
    this.last.warnedAt = Date.now();
    await vault.put("contact", this.last);
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
    this.tell({state: failure.state ?? "offline", person: failure.person});
    this.timer = setTimeout(() => this.go(), pause(this.tries++));
  }

  /** First word of every exchange: the server's time, who is signed in, whether all is to be wiped. */
  async contact() {
    const sentAt = Date.now();
    const answer = await fetch(`/watch/contact?device=${this.device}`, {headers: {"X-Requested-By": "fetch"}});
    if (!answer.ok) throw {state: "offline"};
    const contact = await answer.json();
    const receivedAt = Date.now();
    if (receivedAt >= sentAt) this.clock = measure(sentAt, Date.parse(contact.serverAt), receivedAt);
    this.token = {[contact.tokenHeader]: contact.token, "X-Requested-By": "fetch"};
    this.last = {at: receivedAt, keeps: contact.keepsSeconds * 1000};
    await vault.put("contact", this.last);
    return contact;
  }

  async send() {
    const contact = await this.contact();
    let owner = await vault.get("owner");
    if (contact.person && owner && owner.id !== contact.person && !await vault.waiting() && !this.coming) {
      // Somebody else took the tablet, and nothing of the one before waits: what it carried goes.
      await this.handOver(owner.setting === contact.setting);
      owner = null;
    }
    const mine = contact.person && (!owner || owner.id === contact.person);
    if (mine) {
      // A device that carries records is known to the leads before it sends its first one.
      if (!this.met) await this.deliver([]);
      this.met = true;
      await this.empty();
    }
    if (contact.revoked) {
      await fetch(`/watch/wiped?device=${this.device}`, {method: "POST", headers: this.token}).catch(() => {});
      await this.wipe("revoked");
    }
    if (!contact.person) throw {state: "signin"};
    if (!mine) throw {state: "other", person: owner.name};
    if (!this.loadedAt || Date.now() - this.loadedAt > 300_000) await this.load();
    await this.recount();
    this.tell({state: this.waiting ? "waiting" : "sent", clock: this.clock});
  }

  async empty() {
    for (let items = await vault.oldest(BATCH); items.length; items = await vault.oldest(BATCH)) {
      await this.recount();
      this.tell({state: "sending"});
      const together = batch(items);
      if (together[0].type === "photo") await this.upload(together[0]);
      const answer = await this.deliver(together);
      const {done, refused, again} = settle(together, answer.results);
      if (refused.length) await vault.put("refused", [...await vault.get("refused") ?? [], ...refused]);
      await vault.drop(done.map(item => item.sequence));
      for (const item of done.filter(one => one.type === "photo")) await vault.remove(`photo ${item.id}`);
      for (const item of again) await vault.remove(`upload ${item.id}`);
      if (refused.length) this.hears({state: "refused", count: refused.length});
      if (!done.length) throw {state: "offline"};
    }
  }

  deliver(items) {
    return this.post("/watch/sync", {
      device: this.device, name: deviceName(), clockOffsetMs: Math.round(this.clock?.offset ?? 0),
      clockUncertaintyMs: Math.round(this.clock?.uncertainty ?? 0), unsent: this.waiting - items.length,
      items: items.map(item => ({id: item.id, type: item.type, [item.type]: body(item)})),
    });
  }

  async post(path, value) {
    const answer = await fetch(path, {
      method: "POST", headers: {...this.token, "Content-Type": "application/json"}, body: JSON.stringify(value)});
    if (answer.status === 401 || answer.status === 403) throw {state: "signin"};
    if (!answer.ok) throw {state: "offline"};
    return answer.json();
  }

  /** A photo by the tus protocol: where it was cut off, it goes on. */
  async upload(item) {
    if (!window.tus) await import("./tus.min.js");
    const known = await vault.get(`upload ${item.id}`);
    const bytes = await vault.getBytes(`photo ${item.id}`);
    if (!bytes) return;
    const address = await new Promise((resolve, reject) => {
      const upload = new window.tus.Upload(new Blob([bytes]), {
        endpoint: "/watch/uploads", uploadUrl: known ?? null, chunkSize: CHUNK, headers: this.token, retryDelays: null,
        storeFingerprintForResuming: false,
        onUploadUrlAvailable: () => vault.put(`upload ${item.id}`, new URL(upload.url, location).pathname),
        onError: failure => reject(Object.assign(failure, {state: failure.originalResponse?.getStatus() === 401 ? "signin" : "offline"})),
        onSuccess: () => resolve(new URL(upload.url, location).pathname),
      });
      upload.start();
    });
    item.photo.upload = address;
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
    const answer = await fetch("/watch/bundle" + (chosen ? `?room=${chosen}` : ""),
      {headers: {"X-Requested-By": "fetch", ...this.token}});
    if (answer.status === 404 && chosen && !room) {
      await vault.remove("room");
      return this.fetchBundle();
    }
    if (!answer.ok) throw {state: answer.status === 401 || answer.status === 403 ? "signin" : "offline"};
    const bundle = await answer.json();
    this.loadedAt = Date.now();
    await vault.put("owner", {id: bundle.person, name: bundle.personName, setting: bundle.setting});
    await vault.put("room", bundle.room.id);
    await vault.put("bundle", bundle);
    this.hears({state: "loaded", bundle});
    return bundle;
  }

  /** Within a setting the device stays the same; another one must not learn its number. */
  async handOver(sameSetting) {
    await vault.wipe();
    if (!sameSetting) this.device = crypto.randomUUID();
    await vault.put("device", this.device);
    this.met = false;
    this.loadedAt = 0;
    this.hears({state: "handed over"});
  }

  async wipe(why) {
    clearTimeout(this.timer);
    await vault.wipe();
    this.hears({state: "wiped", why, count: 0});
    throw {wiped: true};
  }
}

/** An item as it is sent: the device's number goes with entries. */
function body(item) {
  return item.type === "entry" ? {...item.entry, sequence: item.sequence} : item[item.type];
}

function deviceName() {
  const agent = navigator.userAgent;
  const system = /Android|iPhone|iPad|Windows|Mac OS|CrOS|Linux/.exec(agent)?.[0] ?? "Device";
  return `${system}, ${Math.min(screen.width, screen.height)} by ${Math.max(screen.width, screen.height)}`;
}
