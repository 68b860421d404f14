/** A browser's quick storage, with only so much room. */
export class Storage {
  readonly kept = new Map<string, string>();
  room = Infinity;
  getItem = (key: string) => this.kept.get(key) ?? null;
  setItem = (key: string, text: string) => {
    if (text.length > this.room) throw new DOMException('full', 'QuotaExceededError');
    this.kept.set(key, text);
  };
  removeItem = (key: string) => this.kept.delete(key);
  clear = () => this.kept.clear();
}
