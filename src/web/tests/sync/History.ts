import { v7 as newId } from 'uuid';
import type { LocalRecord } from '../../src/store/db';
import { keepBoth, openConflicts } from '../../src/store/conflicts';
import { keep, type Bodies } from '../../src/store/records';
import { Device, type Mishap } from './Device';
import { Random } from './Random';
import type { TestServer } from './TestServer';

/**
 * One history: Ilva with a phone and a laptop, Torren with a phone, their own books and a trip Ilva keeps. What they write is known by a
 * mark of its own. The model is a set: the marks that must still be somewhere.
 */
export class History {
  private readonly alive = new Set<string>();
  private readonly devices: Device[];
  private trip = '';
  private marks = 0;
  private torrenIn = true;
  private log: string[] = [];

  private constructor(
    private readonly random: Random,
    readonly ilva: Device,
    readonly laptop: Device,
    readonly torren: Device,
    private readonly number: number,
  ) {
    this.devices = [ilva, laptop, torren];
  }

  static async begin(server: TestServer, owner: Device, number: number, seed: number): Promise<History> {
    const [ilva, laptop, torren] = ['phone', 'laptop', 'companion'].map(
      (name) => new Device(server, `${name} ${number}`),
    );
    const random = new Random(seed);
    const history = new History(random, ilva, laptop, torren, number);
    // People are made by links of a trip nobody walks.
    const link = async () => {
      const book = newId();
      await owner.open();
      await owner.link.sendJson('PUT', `/api/trips/${book}`, JSON.stringify({ name: 'Door' }));
      return ((await owner.post(`/api/trips/${book}/invitations`, { role: 'member' })) as { secret: string })
        .secret;
    };
    const [one, two] = [`Keeper ${letters(number)}`, `Walker ${letters(number)}`];
    await ilva.account('join', { name: one, secret: await link() });
    await laptop.account('sign-in', { name: one });
    await torren.account('join', { name: two, secret: await link() });
    history.trip = newId();
    await ilva.link.sendJson('PUT', `/api/trips/${history.trip}`, JSON.stringify({ name: `Trip ${number}` }));
    await history.letTorrenIn();
    for (const device of history.devices) await device.sync();
    return history;
  }

  /** So many random things happen. */
  async goOn(steps: number): Promise<void> {
    for (let n = 0; n < steps; n++) {
      const device = this.random.of(this.devices);
      await this.random.weighted<() => Promise<void>>([
        [8, () => this.write(device)],
        [5, () => this.change(device)],
        [6, () => this.meet(device, 0.25)],
        [2, () => this.choose(device)],
        [0.6, () => this.clear(device)],
        [0.5, () => this.older(device)],
        [0.7, () => this.removeOrLetIn()],
      ])();
    }
  }

  /** The server has gone back: what only it had is gone, and nothing else. */
  async restored(): Promise<void> {
    this.log.push('restored');
    await this.forgetWhatIsNowhere();
    this.torrenIn = await this.torrenIsIn();
  }

  /** Everyone meets the server until nothing changes; then every mark must be on the server. Null when all is well. */
  async end(): Promise<string | null> {
    for (const device of this.devices) device.mishap = () => 'none';
    let quiet = 0;
    for (let round = 0; round < 10 && quiet < 2; round++) {
      let busy = round < 2;
      for (const device of this.devices) {
        if (!(await device.sync()))
          return this.fault(`${device.name} can't meet the server: ${device.trouble}`);
        await this.choose(device);
        busy = busy || (await device.db.outbox.count()) > 0;
      }
      quiet = busy ? 0 : quiet + 1;
      if (round === 1 && !(await this.torrenIsIn())) await this.letTorrenIn();
    }
    const there = await this.onServer();
    const missing = [...this.alive].filter((mark) => !there.has(mark));
    if (missing.length > 0) {
      const lines = await Promise.all(
        this.devices.map(
          async ({ name, db }) => `${name}: ${JSON.stringify((await db.outbox.toArray()).slice(0, 3))}`,
        ),
      );
      return this.fault(`lost: ${missing.join(' ')}; in line: ${lines.join(', ')}`);
    }
    for (const device of this.devices) {
      const lines = await device.db.outbox.toArray();
      if (lines.length > 0)
        return this.fault(`${device.name} still has ${JSON.stringify(lines.slice(0, 3))}`);
      const here = new Set(marksOf(await device.db.records.toArray()));
      const books = device.about!.books.map(({ id }) => id);
      const shared = await this.onServer(books, device);
      const absent = [...shared].filter((mark) => !here.has(mark));
      if (absent.length > 0) return this.fault(`${device.name} lacks ${absent.join(' ')}`);
    }
    return null;
  }

  private async write(device: Device): Promise<void> {
    const mark = this.newMark(device);
    const inTrip = this.random.chance(0.6) && this.mayWriteTrip(device);
    const book = inTrip ? this.trip : device.db.personId;
    // A clock that is a day off gives ids that are a day off.
    const msecs =
      Date.now() + (this.random.chance(0.2) ? 86_400_000 * (this.random.chance(0.5) ? 1 : -1) : 0);
    const id = newId({ msecs });
    if (this.random.chance(0.5)) {
      await keep(
        device.db,
        'batch-event',
        { batchId: newId(), kind: 'done', stepId: mark, at: new Date().toISOString(), words: null },
        { book, id },
      );
    } else {
      await keep(device.db, 'walker', walker(mark), { book, id });
    }
    this.log.push(`${device.name} writes ${mark}${inTrip ? ' in the trip' : ''}`);
  }

  /** Changes a plan that is here: what it said stays in what it says. */
  private async change(device: Device): Promise<void> {
    const own = await device.db.records
      .where('[kind+id]')
      .between(['walker', ''], ['walker', '\uffff'])
      .toArray();
    const mine = own.filter(({ book }) => book === device.db.personId || this.mayWriteTrip(device));
    if (mine.length === 0) return;
    const { book, id, body } = this.random.of(mine);
    const said = (body as { name: string }).name;
    if (said.length > 60) return;
    const mark = this.newMark(device);
    await keep(device.db, 'walker', walker(`${said} ${mark}`), { book, id });
    this.log.push(`${device.name} changes ${said} to have ${mark}`);
  }

  private async meet(device: Device, trouble: number): Promise<void> {
    const mishaps: Mishap[] = ['lost', 'answerLost', 'hotel'];
    const troubled = this.random.chance(trouble);
    device.mishap = () => (troubled && this.random.chance(0.3) ? this.random.of(mishaps) : 'none');
    const through = await device.sync();
    device.mishap = () => 'none';
    this.log.push(`${device.name} meets the server${through ? '' : ', and it does not come through'}`);
  }

  /** Both versions stand, so that nothing is given up by choice. */
  private async choose(device: Device): Promise<void> {
    for (const conflict of await openConflicts(device.db)) await keepBoth(device.db, conflict);
  }

  private async clear(device: Device): Promise<void> {
    await device.clearStorage();
    await this.forgetWhatIsNowhere();
    this.log.push(`${device.name} is cleared`);
  }

  /** An earlier version of the page had something to send still. */
  private async older(device: Device): Promise<void> {
    const mark = this.newMark(device);
    const { default: Dexie } = await import('dexie');
    const old = new Dexie(`jolly-brook-${device.db.storeId}`, device.storage);
    old.version(1).stores({ records: '[kind+id], kind', outbox: '++seq, [kind+id]', meta: 'key' });
    const id = newId();
    await old.table('records').put({ kind: 'walker', id, body: walker(mark), revision: null });
    await old.table('outbox').add({ kind: 'walker', id, refused: null });
    old.close();
    this.olderMarks.add(mark);
    if (await device.sync()) this.olderMarks.delete(mark);
    this.log.push(`${device.name} had an older page with ${mark}`);
  }

  /** In a device's older store, not yet brought over. */
  private readonly olderMarks = new Set<string>();

  private async removeOrLetIn(): Promise<void> {
    if (!(await this.tripIsThere())) return;
    if (this.torrenIn) {
      await this.ilva.open();
      await this.ilva.link.api.DELETE('/api/trips/{book}/party/{person}', {
        params: { path: { book: this.trip, person: this.torren.db.personId } },
      });
      this.torrenIn = false;
      this.log.push('Torren is taken out');
    } else await this.letTorrenIn();
  }

  private async letTorrenIn(): Promise<void> {
    await this.ilva.open();
    if (!(await this.tripIsThere())) return;
    const removed = await this.ilva.link.api.GET('/api/trips/{book}/removed', {
      params: { path: { book: this.trip } },
    });
    const person = this.torren.about!.person!.id;
    if (removed.data?.some(({ id }) => id === person)) {
      await this.ilva.link.api.PUT('/api/trips/{book}/party/{person}', {
        params: { path: { book: this.trip, person } },
        body: { role: 'member' },
      });
    } else {
      const { secret } = (await this.ilva.post(`/api/trips/${this.trip}/invitations`, {
        role: 'member',
      })) as { secret: string };
      await this.torren.open();
      await this.torren.post('/api/invitations/accept', { secret });
    }
    this.torrenIn = true;
    this.log.push('Torren is let in');
  }

  private async tripIsThere(): Promise<boolean> {
    const about = await this.ilva.open();
    return about.books.some(({ id }) => id === this.trip);
  }

  private async torrenIsIn(): Promise<boolean> {
    return (await this.torren.open()).books.some(({ id }) => id === this.trip);
  }

  private mayWriteTrip(device: Device): boolean {
    // Whoever has not heard of it yet goes on writing.
    return device.about!.books.some(({ id, role }) => id === this.trip && role !== 'follower');
  }

  private newMark(device: Device): string {
    const mark = `m${this.number}x${++this.marks}${device.name[0]}`;
    this.alive.add(mark);
    return mark;
  }

  private async forgetWhatIsNowhere(): Promise<void> {
    const somewhere = await this.onServer();
    for (const device of this.devices) {
      for (const mark of marksOf(await device.db.records.toArray())) somewhere.add(mark);
      for (const { state, ...line } of await device.db.outbox.toArray()) {
        if (state === 'choose' && 'theirs' in line)
          marksIn(line.theirs).forEach((mark) => somewhere.add(mark));
      }
    }
    for (const mark of [...this.alive]) if (!somewhere.has(mark)) this.alive.delete(mark);
  }

  /** Marks on the server, in the books of those who may read them. */
  private async onServer(books?: string[], reader?: Device): Promise<Set<string>> {
    const marks = new Set<string>();
    for (const device of reader ? [reader] : [this.ilva, this.torren]) {
      const about = await device.open();
      for (const book of books ?? about.books.map(({ id }) => id)) {
        for (let since = 0, more = true; more;) {
          const { data } = await device.link.api.GET('/api/books/{book}/changes', {
            params: { path: { book }, query: { since } },
          });
          if (!data) break;
          data.records.forEach(({ body }) => marksIn(body).forEach((mark) => marks.add(mark)));
          [since, more] = [data.revision, data.more];
        }
      }
    }
    return marks;
  }

  private fault(words: string): string {
    return `history ${this.number}: ${words}\n  ${this.log.join('\n  ')}`;
  }
}

function walker(name: string): Bodies['walker'] {
  return {
    name,
    massKg: 60,
    heightCm: 170,
    acclimatised: true,
    worn: 'shortsAndShirt',
    packKg: 10,
  } as unknown as Bodies['walker'];
}

function marksOf(records: LocalRecord[]): string[] {
  return records.flatMap(({ body }) => marksIn(body));
}

function marksIn(body: unknown): string[] {
  return JSON.stringify(body ?? null).match(/m\d+x\d+[plc]/g) ?? [];
}

/** Names that do not look alike: letters alone. */
function letters(number: number): string {
  return Array.from(String(number), (digit) => 'bdfghkpqzx'[Number(digit)]).join('');
}
