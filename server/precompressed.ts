import { existsSync } from 'node:fs';
import path from 'node:path';

import type { NextFunction, Request, Response } from 'express';

const KINDS = [
  ['br', '.br'],
  ['gzip', '.gz'],
] as const;

const TYPES: Record<string, string> = {
  '.js': 'text/javascript; charset=utf-8',
  '.css': 'text/css; charset=utf-8',
  '.html': 'text/html; charset=utf-8',
  '.svg': 'image/svg+xml',
  '.json': 'application/json; charset=utf-8',
  '.webmanifest': 'application/manifest+json',
};

/** Serves FILE.br or FILE.gz in FILE's place when the browser takes it and the build made one. */
export function precompressed(dist: string) {
  return (req: Request, res: Response, next: NextFunction) => {
    if (req.method !== 'GET' && req.method !== 'HEAD') return next();
    const type = TYPES[path.extname(req.path)];
    if (!type || req.path.includes('..')) return next();
    res.vary('Accept-Encoding');
    for (const [encoding, ext] of KINDS) {
      if (req.acceptsEncodings(encoding) && existsSync(path.join(dist, req.path + ext))) {
        res.setHeader('Content-Encoding', encoding);
        res.setHeader('Content-Type', type);
        req.url += ext;
        break;
      }
    }
    next();
  };
}
