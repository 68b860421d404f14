// Writes a brotli copy beside every file of the built page that gets smaller by it; the server sends that one.
import { constants, brotliCompressSync } from 'node:zlib';
import { existsSync, readdirSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';

const root = new URL('../../../artifacts/web/', import.meta.url).pathname;
const worthIt = /\.(html|js|css|svg|json|wasm|dat|webmanifest)$/;

function compress(folder) {
  for (const name of readdirSync(folder)) {
    const file = join(folder, name);
    if (statSync(file).isDirectory()) {
      compress(file);
    } else if (name.endsWith('.gz')) {
      rmSync(file);
    } else if (worthIt.test(name) && !existsSync(`${file}.br`)) {
      const plain = readFileSync(file);
      const small = brotliCompressSync(plain, {
        params: { [constants.BROTLI_PARAM_QUALITY]: 11, [constants.BROTLI_PARAM_SIZE_HINT]: plain.length },
      });
      if (small.length < plain.length) writeFileSync(`${file}.br`, small);
    }
  }
}

compress(root);
