import { hearFirst, server, ServerFull, type About, type Heard } from '../api';
import type { LocalStore } from '../db';
import { noteServerTime } from '../seenClock';
import { bringOver } from '../olderStore';
import { exchange } from './exchange';
import { OtherVersion } from './pull';

const shortestWaitMs = 1_000;
const longestWaitMs = 8_000;
const quietWaitMs = 30_000;

/** What was written is first put on the screen: the server is called when that is done, and once for several things written together. */
const settleMs = 300;

/** How the last word with the server went. */
export type Link = 'unknown' | 'up' | 'down' | 'full' | 'signedOut' | 'otherVersion';

/** Sends what waits in the outbox and pulls what is new in every book; tries again until it is through. */
export class SyncLoop {
  link: Link = 'unknown';
  private timer: ReturnType<typeof setTimeout> | undefined;
  private waitMs = shortestWaitMs;
  private running = false;
  private stopped = true;
  private again = false;
  private heard: Heard | null = null;
  private onAbout: (about: About) => void = () => undefined;
  private readonly listeners = new Set<() => void>();
  private readonly kick = () => this.tryNow();

  constructor(private readonly db: LocalStore) {}

  /**
   * @param onAbout Told whatever the server says about who is signed in.
   * @param heard What it has just said, and need not be asked again.
   */
  start(onAbout: (about: About) => void, heard: Heard | null = null) {
    this.onAbout = onAbout;
    this.heard = heard;
    this.stopped = false;
    window.addEventListener('online', this.kick);
    document.addEventListener('visibilitychange', this.kick);
    this.tryNow();
  }

  stop() {
    this.stopped = true;
    clearTimeout(this.timer);
    window.removeEventListener('online', this.kick);
    document.removeEventListener('visibilitychange', this.kick);
  }

  subscribe = (listener: () => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  getLink = () => this.link;

  /** Tries as soon as the page has come to rest. */
  nudge() {
    clearTimeout(this.timer);
    if (this.running) this.again = true;
    else if (!this.stopped) this.timer = setTimeout(this.kick, settleMs);
  }

  private tryNow() {
    clearTimeout(this.timer);
    if (this.running) this.again = true;
    else void this.run();
  }

  private async run() {
    if (this.stopped) return;
    this.running = true;
    this.again = false;
    let link: Link;
    try {
      // Only one page at a time sends, however many are open.
      link = await navigator.locks.request(`jolly-brook-${this.db.name}`, () => this.meet());
    } catch (trouble) {
      link =
        trouble instanceof ServerFull ? 'full' : trouble instanceof OtherVersion ? 'otherVersion' : 'down';
    }
    this.running = false;
    this.setLink(link);
    if (link === 'down') this.waitMs = Math.min(longestWaitMs, this.waitMs * 2);
    else this.waitMs = shortestWaitMs;
    if (!this.stopped) {
      const waitMs = this.again ? settleMs : link === 'down' ? this.waitMs : quietWaitMs;
      this.timer = setTimeout(this.kick, waitMs);
    }
  }

  private async meet(): Promise<Link> {
    const { db } = this;
    const { about, askedMs, answeredMs } = this.heard ?? (await hearFirst());
    this.heard = null;
    await noteServerTime(db, about.serverTime, askedMs, answeredMs);
    this.onAbout(about);
    if (about.storeId !== db.storeId || about.person?.id !== db.personId) return 'signedOut';
    await bringOver(db);
    await exchange(db, server, about);
    return 'up';
  }

  private setLink(link: Link) {
    if (this.link === link) return;
    this.link = link;
    for (const listener of this.listeners) listener();
  }
}
