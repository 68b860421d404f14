import { sha256 } from '@noble/hashes/sha2.js';

/**
 * A bundle of bytes as a sequence of frames, each small enough for one code on a screen. The first frames are its blocks one by one; all
 * that follow are blocks mixed (each the XOR of a set of them that its number tells), so that whatever frames are lost, about as many
 * others make up for them, in any order.
 *
 * A frame: "JB", version, 8 bytes of the bundle's digest, its length (4), count of blocks (2), number of the frame (4), check (4), block.
 */
export const frameVersion = 1;

const magic = [0x4a, 0x42];
const headBytes = 25;

/** Bytes of a block: with the head a code that a phone's camera reads off another phone. */
export const blockBytes = 800;

/** The largest bundle that is taken, bytes: what would ask for more codes than anyone holds a phone for. */
export const mostBytes = 256 * 1024;

/** A bundle's frames by their numbers, without end: the blocks first, then mixed ones. */
export function framesOf(bundle: Uint8Array, size: number = blockBytes): (number: number) => Uint8Array {
  if (bundle.length === 0 || bundle.length > mostBytes)
    throw new RangeError('A bundle of this size is not sent.');
  const count = countOf(bundle.length, size);
  const blocks = Array.from({ length: count }, (_, i) => {
    const block = new Uint8Array(size);
    block.set(bundle.subarray(i * size, (i + 1) * size));
    return block;
  });
  const digest = digestOf(bundle);
  return (number) => {
    const body = new Uint8Array(size);
    for (const i of membersOf(number, count)) mix(body, blocks[i]);
    return frame({ digest, length: bundle.length, count, number }, body);
  };
}

/** How many codes carry so many bytes when none is lost. */
export const countOf = (bytes: number, size: number = blockBytes) => Math.max(1, Math.ceil(bytes / size));

/** What a camera has seen so far of one bundle. */
export class FrameGatherer {
  private of: Head | null = null;
  /** By its first block each: frames that are independent of one another, brought to echelon form. */
  private rows = new Map<number, { members: Set<number>; body: Uint8Array }>();

  /** Blocks of the bundle that is being read; 0 before the first frame. */
  get count(): number {
    return this.of?.count ?? 0;
  }

  /** Frames that told something new. */
  get known(): number {
    return this.rows.size;
  }

  /**
   * Takes a frame in. Returns the bundle once enough has been seen; null before. What is no frame of ours, is
   * damaged, or belongs to another bundle than the newest is left out; a frame of another bundle begins anew.
   */
  add(bytes: Uint8Array): Uint8Array | null {
    const head = readHead(bytes);
    if (head === null) return null;
    if (this.of === null || !isSameBundle(head, this.of)) {
      this.of = head;
      this.rows = new Map();
    }
    this.reduce(new Set(membersOf(head.number, head.count)), bytes.slice(headBytes));
    return this.rows.size === head.count ? this.whole(head) : null;
  }

  private reduce(members: Set<number>, body: Uint8Array) {
    while (members.size > 0) {
      const first = Math.min(...members);
      const row = this.rows.get(first);
      if (!row) {
        this.rows.set(first, { members, body });
        return;
      }
      for (const member of row.members) toggle(members, member);
      mix(body, row.body);
    }
  }

  /** All blocks, the last first; null where the digest is another: then nothing of it is kept. */
  private whole({ digest, length, count, size }: Head): Uint8Array | null {
    const blocks: Uint8Array[] = [];
    for (let i = count - 1; i >= 0; i--) {
      const { members, body } = this.rows.get(i)!;
      const block = body.slice();
      for (const member of members) if (member !== i) mix(block, blocks[member]);
      blocks[i] = block;
    }
    const bundle = new Uint8Array(count * size);
    blocks.forEach((block, i) => bundle.set(block, i * size));
    const cut = bundle.slice(0, length);
    if (isSameBytes(digestOf(cut), digest)) return cut;
    this.rows = new Map();
    return null;
  }
}

/** What a frame says of itself and its bundle. */
interface Told {
  digest: Uint8Array;
  length: number;
  count: number;
  number: number;
}

interface Head extends Told {
  /** Bytes of its block. */
  size: number;
}

const isSameBundle = (one: Head, other: Head) =>
  one.length === other.length && one.size === other.size && isSameBytes(one.digest, other.digest);

function readHead(bytes: Uint8Array): Head | null {
  if (
    bytes.length <= headBytes ||
    bytes[0] !== magic[0] ||
    bytes[1] !== magic[1] ||
    bytes[2] !== frameVersion
  )
    return null;
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
  const [length, count, number] = [view.getUint32(11), view.getUint16(15), view.getUint32(17)];
  const size = bytes.length - headBytes;
  if (length === 0 || length > mostBytes || count !== countOf(length, size)) return null;
  if (view.getUint32(21) !== checkOf(bytes)) return null;
  return { digest: bytes.slice(3, 11), length, count, number, size };
}

function frame({ digest, length, count, number }: Told, body: Uint8Array): Uint8Array {
  const bytes = new Uint8Array(headBytes + body.length);
  bytes.set([...magic, frameVersion]);
  bytes.set(digest, 3);
  bytes.set(body, headBytes);
  const view = new DataView(bytes.buffer);
  view.setUint32(11, length);
  view.setUint16(15, count);
  view.setUint32(17, number);
  view.setUint32(21, checkOf(bytes));
  return bytes;
}

/** Of all but the check's own four bytes. */
function checkOf(bytes: Uint8Array): number {
  const digest = sha256.create().update(bytes.subarray(0, 21)).update(bytes.subarray(headBytes)).digest();
  return new DataView(digest.buffer, digest.byteOffset).getUint32(0);
}

const digestOf = (bundle: Uint8Array) => sha256(bundle).subarray(0, 8);

/** Which blocks a frame mixes: one by one at first, then about half of them, by its number alone. */
function membersOf(number: number, count: number): number[] {
  if (number < count) return [number];
  const members: number[] = [];
  let state = Math.imul(number, 0x9e3779b1) >>> 0 || 1;
  for (let i = 0; i < count; i++) {
    // Marsaglia's xorshift: any device draws the same.
    state ^= state << 13;
    state ^= state >>> 17;
    state ^= state << 5;
    state >>>= 0;
    if ((state & 0x100) !== 0) members.push(i);
  }
  return members.length > 0 ? members : [number % count];
}

function toggle(members: Set<number>, member: number) {
  if (!members.delete(member)) members.add(member);
}

function mix(into: Uint8Array, other: Uint8Array) {
  for (let i = 0; i < into.length; i++) into[i] ^= other[i];
}

function isSameBytes(one: Uint8Array, other: Uint8Array): boolean {
  return one.every((byte, i) => byte === other[i]);
}
