// The memory a WebAssembly module begins with, as it lies in the module's file.

/** Its pieces, with the address of each. */
function* dataSegments(bytes) {
  const dataSection = 11;
  let at = 8;
  const number = () => {
    let value = 0;
    for (let shift = 0; ; shift += 7) {
      const next = bytes[at++];
      value |= (next & 0x7f) << shift;
      if (next < 0x80) return value >>> 0;
    }
  };
  const address = () => {
    const [constant, end] = [0x41, 0x0b];
    if (bytes[at++] !== constant) throw new Error('A piece of memory has no fixed address.');
    // Written with its sign; addresses of a runtime are small.
    const value = number();
    if (bytes[at++] !== end) throw new Error('A piece of memory has no fixed address.');
    return value;
  };
  while (at < bytes.length) {
    const section = bytes[at++];
    const length = number();
    const end = at + length;
    for (let left = section === dataSection ? number() : 0; left > 0; left--) {
      if (number() !== 0) throw new Error('A piece of memory has no address.');
      const from = address();
      const size = number();
      yield { from, content: bytes.subarray(at, at + size) };
      at += size;
    }
    at = end;
  }
}

/** The address behind the last piece. */
export function endOfMemory(bytes) {
  let end = 0;
  for (const { from, content } of dataSegments(bytes)) end = Math.max(end, from + content.length);
  return end;
}

/** Files of time zones begin so; with InvariantTimezone none of them is opened. */
export function blankTimeZones(bytes) {
  const mark = 'TZif';
  for (const { content } of dataSegments(bytes)) {
    const [first, last] = [content.indexOf(mark), content.lastIndexOf(mark)];
    if (first >= 0) content.fill(0, first, last);
  }
}

/** Makes what lies from one address up to another zero. */
export function blank(bytes, from, until) {
  for (const segment of dataSegments(bytes)) {
    const [first, last] = [from - segment.from, until - segment.from].map((at) =>
      Math.min(Math.max(at, 0), segment.content.length),
    );
    segment.content.fill(0, first, last);
  }
}
