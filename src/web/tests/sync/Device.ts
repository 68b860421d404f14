import { IDBFactory, IDBKeyRange } from 'fake-indexeddb';
import { ServerLink, type About } from '../../src/store/api';
import { LocalStore } from '../../src/store/db';
import { bringOver } from '../../src/store/olderStore';
import { exchange } from '../../src/store/sync/exchange';
import type { TestServer } from './TestServer';

export const passphrase = 'four wet boots and a kettle';

/** What may befall a request on its way. */
export type Mishap = 'none' | 'lost' | 'answerLost' | 'hotel';

/** A phone or laptop: cookies, a local store, and the page's own exchange with the server. */
export class Device {
  db!: LocalStore;
  link: ServerLink;
  about: About | null = null;
  /** Asked before each request. */
  mishap: () => Mishap = () => 'none';
  /** What the last round that did not come through said. */
  trouble = '';
  private cookies = new Map<string, string>();
  private where = { indexedDB: new IDBFactory(), IDBKeyRange };

  constructor(
    readonly server: TestServer,
    readonly name: string,
  ) {
    this.link = new ServerLink((input, init) => this.send(input, init), 'http://device.test/');
  }

  /** Makes the owner's account, joins by a link, or signs in. */
  async account(path: 'owner' | 'join' | 'sign-in', body: Record<string, string>): Promise<void> {
    await this.link.askAbout();
    await this.post(`/api/account/${path}`, { passphrase, ...body });
    await this.open();
  }

  async post(path: string, body: unknown): Promise<unknown> {
    const response = await this.link.sendJson('POST', path, JSON.stringify(body));
    const text = await response.text();
    if (!response.ok) throw new Error(`${path}: ${response.status} ${text}`);
    return text === '' ? null : JSON.parse(text);
  }

  async open(): Promise<About> {
    this.about = await this.link.askAbout();
    if (this.about.person !== null && this.db === undefined) {
      this.db = new LocalStore(this.about.storeId, this.about.person.id, this.where);
    }
    return this.about;
  }

  /** One round with the server, as the page makes it. False when it did not come through. */
  async sync(): Promise<boolean> {
    try {
      const about = await this.open();
      await bringOver(this.db, this.where);
      await exchange(this.db, this.link, about);
      return true;
    } catch (trouble) {
      this.trouble = String(trouble);
      return false;
    }
  }

  /** The browser's storage is cleared; the cookie stays. */
  async clearStorage(): Promise<void> {
    const { storeId, personId } = this.db;
    await this.db.delete();
    this.where = { indexedDB: new IDBFactory(), IDBKeyRange };
    this.db = new LocalStore(storeId, personId, this.where);
  }

  get storage() {
    return this.where;
  }

  private async send(input: RequestInfo | URL, init?: RequestInit): Promise<Response> {
    const mishap = this.mishap();
    if (mishap === 'lost') throw new TypeError('Failed to fetch');
    if (mishap === 'hotel')
      return new Response('<html>Sign in to our network</html>', {
        status: 403,
        headers: { 'content-type': 'text/html' },
      });
    const request = input instanceof Request ? input : new Request(this.full(String(input)), init);
    const url = new URL(request.url);
    const headers = new Headers(request.headers);
    headers.set('cookie', [...this.cookies].map(([name, value]) => `${name}=${value}`).join('; '));
    const response = await fetch(this.full(url.pathname + url.search), {
      method: request.method,
      headers,
      body: request.method === 'GET' ? undefined : await request.text(),
    });
    for (const cookie of response.headers.getSetCookie()) {
      const [name, value] = cookie.split(';')[0].split('=');
      this.cookies.set(name, value);
    }
    if (mishap === 'answerLost') throw new TypeError('Failed to fetch');
    return response;
  }

  private full(path: string): string {
    return new URL(path, this.server.address).href;
  }
}
