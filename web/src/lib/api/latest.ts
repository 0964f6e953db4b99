/** The newest of several searches: asking again, stopping or leaving ends the one before, and the server lets go of it. */
export class Latest {
  private current: AbortController | null = null;

  /** To be given to the call; aborted once it is not the newest any more. */
  next(): AbortSignal {
    this.end();
    this.current = new AbortController();
    return this.current.signal;
  }

  end(): void {
    this.current?.abort();
    this.current = null;
  }
}
