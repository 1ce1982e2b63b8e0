// After the export: a .br and a .gz beside each text file, so that the server need not pack anything.
import { readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { brotliCompressSync, constants, gzipSync } from 'node:zlib';

export function precompress(dist) {
  const all = readdirSync(dist, { recursive: true, withFileTypes: true })
    .filter((e) => e.isFile())
    .map((e) => path.join(e.parentPath, e.name));
  for (const file of all) if (/\.(br|gz)$/.test(file)) rmSync(file);
  for (const file of all.filter((name) => /\.(js|css|html|svg|json|webmanifest)$/.test(name))) {
    const raw = readFileSync(file);
    if (raw.length < 1024) continue;
    const params = {
      [constants.BROTLI_PARAM_QUALITY]: 11,
      [constants.BROTLI_PARAM_SIZE_HINT]: raw.length,
    };
    writeFileSync(`${file}.br`, brotliCompressSync(raw, { params }));
    writeFileSync(`${file}.gz`, gzipSync(raw, { level: 9 }));
  }
}
