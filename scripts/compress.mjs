import { readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { extname, join } from 'node:path';
import { brotliCompressSync, constants, gzipSync } from 'node:zlib';

const worth = new Set(['.js', '.css', '.html', '.svg', '.json', '.wasm']);

/** Lays a compressed copy beside every file that gains from it, once, so that nothing is compressed while serving. */
export function compressAll(folder) {
  for (const name of readdirSync(folder)) {
    const file = join(folder, name);
    if (statSync(file).isDirectory()) compressAll(file);
    else if (worth.has(extname(name)) && statSync(file).size > 200) {
      const text = readFileSync(file);
      writeFileSync(`${file}.gz`, gzipSync(text, { level: 9 }));
      const params = { [constants.BROTLI_PARAM_QUALITY]: 9 };
      writeFileSync(`${file}.br`, brotliCompressSync(text, { params }));
    }
  }
}
