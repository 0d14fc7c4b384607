// Sends the newest plan, one request at a time. What is not acknowledged stays on the device and is sent again.
export class Saver {
  /** send(svg, edition) answers {status, edition, ...}; keep(svg or null) remembers what is not sent; tell(state, answer) shows it. */
  constructor({send, keep, tell, edition, later = (work, wait) => setTimeout(work, wait)}) {
    Object.assign(this, {send, keep, tell, edition, later});
    this.waiting = null;
    this.busy = false;
    this.wait = 1000;
  }

  save(svg) {
    this.waiting = svg;
    this.keep(svg);
    this.tell("saving");
    return this.work();
  }

  /** Sends again over what somebody else has kept meanwhile. */
  overwrite(edition) {
    this.edition = edition;
    return this.work();
  }

  async work() {
    if (this.busy || this.waiting === null) return;
    this.busy = true;
    const svg = this.waiting;
    const answer = await this.send(svg, this.edition).catch(() => ({status: 0}));
    this.busy = false;
    if (answer.status === 200) return this.kept(svg, answer);
    if (answer.status === 409) return this.tell("conflict", answer);
    if (answer.status === 422) return this.tell("refused", answer);
    this.tell(answer.status === 403 || answer.status === 401 ? "signed-out" : "offline", answer);
    this.later(() => this.work(), this.wait);
    this.wait = Math.min(30000, this.wait * 2);
  }

  kept(svg, answer) {
    this.edition = answer.edition;
    this.wait = 1000;
    if (this.waiting === svg) {
      this.waiting = null;
      this.keep(null);
      this.tell("saved", answer);
      return undefined;
    }
    this.tell("saving", answer);
    return this.work();
  }
}
