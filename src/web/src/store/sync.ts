import { api } from './api';
import type { LocalStore, Outgoing } from './db';

const shortestWaitMs = 1_000;
const longestWaitMs = 8_000;
const quietWaitMs = 30_000;

/** Whether the last word with the server went through. */
export type Link = 'unknown' | 'up' | 'down';

/** Sends what waits in the outbox, oldest first, and pulls what is new; tries again until it is through. */
export class SyncLoop {
  link: Link = 'unknown';
  private timer: ReturnType<typeof setTimeout> | undefined;
  private waitMs = shortestWaitMs;
  private running = false;
  private stopped = true;
  private again = false;
  private readonly listeners = new Set<() => void>();
  private readonly kick = () => this.nudge();

  constructor(private readonly db: LocalStore) {}

  start() {
    this.stopped = false;
    window.addEventListener('online', this.kick);
    document.addEventListener('visibilitychange', this.kick);
    this.nudge();
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

  /** Tries now. */
  nudge() {
    clearTimeout(this.timer);
    if (this.running) {
      this.again = true;
      return;
    }
    void this.run();
  }

  private async run() {
    if (this.stopped) return;
    this.running = true;
    this.again = false;
    let through = true;
    try {
      // Only one page at a time sends, however many are open.
      await navigator.locks.request(`jolly-brook-${this.db.storeId}`, async () => {
        await this.send();
        await this.pull();
      });
    } catch {
      through = false;
    }
    this.running = false;
    this.setLink(through ? 'up' : 'down');
    if (through) this.waitMs = shortestWaitMs;
    else this.waitMs = Math.min(longestWaitMs, this.waitMs * 2);
    if (!this.stopped) {
      this.timer = setTimeout(this.kick, this.again ? 0 : through ? quietWaitMs : this.waitMs);
    }
  }

  private async send() {
    const waiting = await this.db.outbox.orderBy('seq').toArray();
    for (const item of waiting.filter((w) => w.refused === null)) await this.sendOne(item);
  }

  private async sendOne(item: Outgoing) {
    const { db } = this;
    const record = await db.records.get([item.kind, item.id]);
    if (!record) {
      await db.outbox.delete(item.seq!);
      return;
    }
    const response = await fetch(`/api/records/${item.kind}/${item.id}`, {
      method: 'PUT',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ baseRevision: record.revision, body: record.body }),
    });
    if (response.ok) {
      const { revision } = (await response.json()) as { revision: number };
      await db.transaction('rw', db.records, db.outbox, async () => {
        const now = await db.records.get([item.kind, item.id]);
        await db.records.update([item.kind, item.id], { revision });
        // Changed while it was on its way: it stays in line.
        if (JSON.stringify(now?.body) === JSON.stringify(record.body)) await db.outbox.delete(item.seq!);
        else this.again = true;
      });
      return;
    }
    if (response.status === 409 && item.kind === 'settings') {
      // Changed on another device too: what was chosen last, here, stands.
      await this.rebase(item);
      return;
    }
    if (response.status >= 500) throw new Error('The server is not well.');
    const problem = (await response.json().catch(() => null)) as { detail?: string } | null;
    await db.outbox.update(item.seq!, {
      refused: problem?.detail ?? `The server answered ${response.status}.`,
    });
  }

  private async rebase({ kind, id }: Outgoing) {
    const { data } = await api.GET('/api/records/{kind}/{id}', { params: { path: { kind, id } } });
    if (!data) throw new Error('The record could not be read back.');
    await this.db.records.update([kind, id], { revision: data.revision });
    this.again = true;
  }

  private async pull() {
    const { db } = this;
    for (;;) {
      const since = (await db.meta.get('revision'))?.value ?? 0;
      const { data, response } = await api.GET('/api/changes', { params: { query: { since } } });
      if (!data) throw new Error(`The server answered ${response.status}.`);
      await db.transaction('rw', db.records, db.outbox, db.meta, async () => {
        for (const { kind, id, revision, body } of data.records) {
          const waiting = await db.outbox.where('[kind+id]').equals([kind, id]).count();
          if (waiting === 0) await db.records.put({ kind, id, revision, body });
        }
        await db.meta.put({ key: 'revision', value: data.revision });
      });
      if (!data.more) return;
    }
  }

  private setLink(link: Link) {
    if (this.link === link) return;
    this.link = link;
    for (const listener of this.listeners) listener();
  }
}
