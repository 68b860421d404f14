/** Numbers drawn from a seed, the same each time. */
export class Random {
  constructor(private state: number) {}

  /** From 0 up to 1. */
  next(): number {
    this.state = (this.state + 0x6d2b79f5) | 0;
    let t = Math.imul(this.state ^ (this.state >>> 15), 1 | this.state);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4_294_967_296;
  }

  chance(share: number): boolean {
    return this.next() < share;
  }

  of<T>(list: T[]): T {
    return list[Math.floor(this.next() * list.length)];
  }

  weighted<T>(choices: [number, T][]): T {
    let at = this.next() * choices.reduce((sum, [weight]) => sum + weight, 0);
    return (choices.find(([weight]) => (at -= weight) < 0) ?? choices[choices.length - 1])[1];
  }
}
