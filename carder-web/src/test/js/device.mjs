// A device without a screen: a store in memory, a server that answers as it is told, and the core that the app ships with.
import {register} from "node:module";
import "../../../assets/node_modules/fake-indexeddb/auto/index.mjs";

const core = new URL("../../../../carder-device/target/classes/static/shipped/js/core.mjs", import.meta.url).href;
register("data:text/javascript," + encodeURIComponent(`export const resolve = (name, context, next) =>
  name === "./core.mjs" ? {url: ${JSON.stringify(core)}, shortCircuit: true} : next(name, context);`));

globalThis.addEventListener = () => {};
globalThis.document = {hidden: false, addEventListener() {}};
globalThis.navigator ??= {userAgent: "Linux"};
globalThis.screen = {width: 390, height: 844};

const ROOMS = {loft: "Loft", nook: "Nook"};

const CURVE = {name: "ECDH", namedCurve: "P-256"};
const own = await crypto.subtle.generateKey(CURVE, true, ["deriveBits"]);
const bytes = text => Buffer.from(text, "base64url");
const seal = {name: "k1", point: Buffer.from(await crypto.subtle.exportKey("raw", own.publicKey)).toString("base64url")};

/** What only the server can read of an item: {ticket, item}. */
export async function unsealed({id, sealed}) {
  const theirs = await crypto.subtle.importKey("raw", bytes(sealed.point), CURVE, false, []);
  const shared = await crypto.subtle.deriveBits({name: "ECDH", public: theirs}, own.privateKey, 256);
  const material = await crypto.subtle.importKey("raw", shared, "HKDF", false, ["deriveKey"]);
  const key = await crypto.subtle.deriveKey({name: "HKDF", hash: "SHA-256", salt: bytes(sealed.point),
    info: Buffer.from("carder sealed record")}, material, {name: "AES-GCM", length: 256}, false, ["decrypt"]);
  const data = typeof sealed.data === "string" ? bytes(sealed.data) : sealed.data;
  const opened = await crypto.subtle.decrypt({name: "AES-GCM", iv: bytes(sealed.iv), additionalData: Buffer.from(id)}, key, data);
  return JSON.parse(Buffer.from(opened).toString());
}

/** The server as the device sees it. Each test bends one of its answers. */
export class Server {
  person = "hamish";
  setting = "quillmere";
  revoked = false;
  holds = true;
  clockAhead = 0;
  calls = [];
  /** Whose they are. */
  tickets = {"ticket of hamish": "hamish", "ticket of tobias": "tobias"};
  kept = [];
  answer = items => items.map(({id}) => ({id, state: "KEPT"}));
  /** Awaited before an answer leaves. */
  before = async () => {};

  constructor() {
    globalThis.fetch = (path, request = {}) => this.fetch(path, request);
  }

  async fetch(path, {method = "GET", body} = {}) {
    this.calls.push(`${method} ${path.split("?")[0]}`);
    await this.before(path);
    if (path.startsWith("/watch/contact")) {
      return json({person: this.person, setting: this.setting, revoked: this.revoked, serverAt: new Date(Date.now() + this.clockAhead).toISOString(),
        name: `Name of ${this.person}`, holds: this.holds, seal, accepts: ["pin"], locksAfterSeconds: 300, tokenHeader: "X-CSRF-TOKEN", token: "token"});
    }
    if (path === "/watch/sync") {
      const sent = JSON.parse(body);
      this.last = sent;
      this.kept.push(...sent.items);
      return json({results: this.answer(sent.items)});
    }
    if (path.startsWith("/watch/bundle")) {
      const room = new URLSearchParams(path.split("?")[1]).get("room") ?? "loft";
      return room in ROOMS
        ? json({person: this.person, setting: this.setting, personName: `Name of ${this.person}`, room: {id: room, name: ROOMS[room]}})
        : {ok: false, status: 404};
    }
    if (path === "/watch/unlock") {
      const person = this.tickets[JSON.parse(body).token];
      if (person) this.person = person;
      return person ? {ok: true, status: 204} : {ok: false, status: 401};
    }
    return json({});
  }
}

const json = value => ({ok: true, status: 200, json: async () => value});
