import path from 'node:path';

import express, { type NextFunction, type Request, type Response } from 'express';

import { precompressed } from './precompressed';

const CONTENT_POLICY =
  "default-src 'self'; script-src 'self'; style-src 'self' 'unsafe-inline'; img-src 'self' data: blob:; " +
  "font-src 'self' data:; connect-src 'self'; worker-src 'self' blob:; object-src 'none'; base-uri 'self'; frame-ancestors 'none'";

/**
 * The server of the exported application.
 *
 * @param dist folder of the export
 * @param startWith kitchen that a first visit opens
 */
export function makeApp(dist: string, startWith: 'demo' | 'own' = 'own') {
  const app = express();
  app.disable('x-powered-by');
  app.use((_req: Request, res: Response, next: NextFunction) => {
    res.setHeader('Content-Security-Policy', CONTENT_POLICY);
    res.setHeader('X-Content-Type-Options', 'nosniff');
    res.setHeader('Referrer-Policy', 'no-referrer');
    // Read by the application on its first visit; a script it could not read would hold up the first paint.
    res.cookie('first-kitchen', startWith, { sameSite: 'strict' });
    next();
  });

  app.get('/api/health', (_req, res) => {
    res.json({ ok: true });
  });
  app.use('/api', (_req, res) => {
    res.status(404).json({ error: 'not found' });
  });

  app.use(precompressed(dist));
  app.use(
    express.static(dist, {
      index: 'index.html',
      setHeaders(res, file) {
        const hashed = /[\\/](_expo|assets)[\\/].*[.-][0-9a-f]{32}\./.test(file);
        const font = file.endsWith('.woff2');
        res.setHeader(
          'Cache-Control',
          hashed || font ? 'public, max-age=31536000, immutable' : 'no-cache',
        );
      },
    }),
  );
  // Deep links: every other GET that wants HTML gets the application; a missing file stays a 404.
  app.get('/{*path}', (req, res, next) => {
    if (path.extname(req.path) || !req.accepts('html')) return next();
    res.setHeader('Cache-Control', 'no-cache');
    res.sendFile(path.join(dist, 'index.html'));
  });
  return app;
}
