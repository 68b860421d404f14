/** Where a record is: its book, kind and id. */
export type Key = [book: string, kind: string, id: string];

/** So many touched keys are remembered: a fold that is further behind looks at them all. */
const remembered = 1000;

/** Where every record of the log is, and which of them were touched since a mark. */
export class LogKeys {
  private readonly known = new Map<string, Key>();
  private touched: Key[] = [];
  /** The mark before the first one remembered. */
  private start = 0;

  constructor(keys: Iterable<Key> = []) {
    for (const key of keys) this.known.set(String(key), key);
  }

  /** Where it stands: `since` tells what was touched after it. */
  get mark(): number {
    return this.start + this.touched.length;
  }

  all(): Key[] {
    return [...this.known.values()];
  }

  has(key: Key): boolean {
    return this.known.has(String(key));
  }

  /** Notes that a record was written or is gone. */
  touch(key: Key, isThere: boolean) {
    if (isThere) this.known.set(String(key), key);
    else this.known.delete(String(key));
    this.touched.push(key);
    if (this.touched.length > 2 * remembered) {
      this.start += this.touched.length - remembered;
      this.touched = this.touched.slice(-remembered);
    }
  }

  /** Takes the place of all that was known; what was touched is then not known. */
  replace(keys: Key[]) {
    this.start = this.mark + 1;
    this.touched = [];
    this.known.clear();
    for (const key of keys) this.known.set(String(key), key);
  }

  /** What was written or went after a mark, each once; null where that is not known. */
  since(mark: number): Key[] | null {
    if (mark < this.start) return null;
    return [...new Map(this.touched.slice(mark - this.start).map((key) => [String(key), key])).values()];
  }
}
