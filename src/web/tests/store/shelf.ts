import { IDBFactory, IDBKeyRange } from 'fake-indexeddb';
import { LocalStore } from '../../src/store/db';

/** Whose device it is in these tests. */
export const me = 'me';

/** An empty local store of a person, in a browser of its own. */
export const emptyStore = () => new LocalStore('store', me, { indexedDB: new IDBFactory(), IDBKeyRange });
