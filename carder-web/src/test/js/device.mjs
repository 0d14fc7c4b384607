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

/** The server as the device sees it. Each test bends one of its answers. */
export class Server {
  person = "hamish";
  setting = "quillmere";
  revoked = false;
  clockAhead = 0;
  calls = [];
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
        keepsSeconds: 604_800, tokenHeader: "X-CSRF-TOKEN", token: "token"});
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
    return json({});
  }
}

const json = value => ({ok: true, status: 200, json: async () => value});
