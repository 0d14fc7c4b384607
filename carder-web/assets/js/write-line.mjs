// Writes one after the other. A write that fails (the device is full, say) stays first in line and is tried again:
// nothing is lost while the page stays open, and the order stays.

const AGAIN = 5_000;

export class WriteLine {
  /** @param tells told when writing fails (true), and when it goes on (false); @param wait resolves after so many ms */
  constructor(tells, wait = ms => new Promise(turn => setTimeout(turn, ms))) {
    this.tells = tells;
    this.wait = wait;
    this.stuck = false;
    this.last = Promise.resolve();
  }

  /** Resolves once it is written. */
  add(write) {
    this.last = this.last.then(() => this.persist(write));
    return this.last;
  }

  async persist(write) {
    for (;;) {
      try {
        await write();
        this.told(false);
        return;
      } catch {
        this.told(true);
        await this.wait(AGAIN);
      }
    }
  }

  told(stuck) {
    if (stuck === this.stuck) return;
    this.stuck = stuck;
    this.tells(stuck);
  }
}
