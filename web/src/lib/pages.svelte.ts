/** Pages of a list: each begins after the mark that the page before gave, so the way back is the marks that led here. */
export class Pages {
  private marks = $state.raw<string[]>([]);
  private next = $state.raw<string | null>(null);

  /** Where the page begins; nothing for the first. */
  get after(): string | undefined {
    return this.marks.at(-1);
  }

  /** Counted from 1. */
  get number(): number {
    return this.marks.length + 1;
  }

  get isFirst(): boolean {
    return this.marks.length === 0;
  }

  get isLast(): boolean {
    return this.next === null;
  }

  /** What the page said of where the next one begins. */
  read(next: string | null): void {
    this.next = next;
  }

  first(): void {
    this.marks = [];
  }

  back(): void {
    this.marks = this.marks.slice(0, -1);
  }

  /** Once for each page that was read: pressed twice it does not pass one over. */
  forth(): void {
    if (this.next !== null) {
      this.marks = [...this.marks, this.next];
      this.next = null;
    }
  }
}
