import qrcode from 'qrcode-generator';

/** Light around a code, in its own squares: without it no reader finds it. */
const quiet = 4;

/** A frame as a code: the outline of its dark squares, and how many squares it is across with the light around it. */
export function codeShape(frame: Uint8Array): { path: string; modules: number } {
  const code = qrcode(0, 'L');
  code.addData(String.fromCharCode(...frame), 'Byte');
  code.make();
  const size = code.getModuleCount();
  let path = '';
  for (let y = 0; y < size; y++) {
    for (let x = 0; x < size; x++) {
      if (!code.isDark(y, x)) continue;
      let end = x + 1;
      while (end < size && code.isDark(y, end)) end++;
      path += `M${x + quiet} ${y + quiet}h${end - x}v1h${x - end}z`;
      x = end;
    }
  }
  return { path, modules: size + 2 * quiet };
}
