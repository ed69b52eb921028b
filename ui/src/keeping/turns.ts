/** What is asked of the server one after another: each waits for the answer to the one before, also when that one failed. */
export class Turns {
  #last: Promise<unknown> = Promise.resolve();

  /** Asks when all that was asked before is answered. */
  ask<T>(act: () => Promise<T>): Promise<T> {
    const answered = this.#last.then(act);
    this.#last = answered.catch(() => undefined);
    return answered;
  }
}
