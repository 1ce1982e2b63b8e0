import { existsSync } from 'node:fs';
import { type ServerResponse } from 'node:http';
import path from 'node:path';

import express, { type NextFunction, type Request, type Response, type Router } from 'express';
import expressStaticGzip from 'express-static-gzip';
import helmet from 'helmet';

const SELF = "'self'";
const NONE = "'none'";

/** Nothing comes from elsewhere, and nobody else shows the application in a frame. */
const GUARDED = helmet({
  contentSecurityPolicy: {
    useDefaults: false,
    directives: {
      defaultSrc: [SELF],
      scriptSrc: [SELF],
      styleSrc: [SELF, "'unsafe-inline'"],
      imgSrc: [SELF, 'data:', 'blob:'],
      fontSrc: [SELF, 'data:'],
      connectSrc: [SELF],
      workerSrc: [SELF, 'blob:'],
      objectSrc: [NONE],
      baseUri: [SELF],
      formAction: [SELF],
      frameAncestors: [NONE],
    },
  },
  // A kitchen's own address has no certificate, and its port may be another program's tomorrow.
  strictTransportSecurity: false,
});

/**
 * The server of the exported application.
 *
 * @param dist folder of the export
 * @param startWith kitchen that a first visit opens
 * @param hub where devices come in, if there is one
 */
export function makeApp(dist: string, startWith: 'demo' | 'own' = 'own', hub?: Router) {
  const app = express();
  app.use(GUARDED);
  if (hub) app.use('/hub', hub);
  app.use((_req: Request, res: Response, next: NextFunction) => {
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

  // Deep links: every other GET that wants HTML gets the application; a missing file stays a 404.
  app.get('/{*path}', (req, _res, next) => {
    if (!path.extname(req.path) && req.accepts('html')) req.url = '/';
    next();
  });
  app.use(
    expressStaticGzip(dist, {
      enableBrotli: true,
      orderPreference: ['br', 'gz'],
      serveStatic: { setHeaders: keepFor },
    }),
  );
  app.use((_req: Request, res: Response) => {
    res.status(404).type('text').send('There is nothing at this address.\n');
  });
  // Express knows a handler of errors by its four parameters.
  app.use((error: { status?: number }, _req: Request, res: Response, _next: NextFunction) => {
    const status = error.status !== undefined && error.status < 500 ? error.status : 500;
    const said =
      status < 500 ? 'This address cannot be read.' : 'The server could not answer this.';
    res.status(status).type('text').send(`${said}\n`);
  });
  return app;
}

/** What has its sum in its name never changes; all else is asked for again. */
function keepFor(res: ServerResponse, file: string): void {
  const hashed = /[\\/](_expo|assets)[\\/].*[.-][0-9a-f]{32}\./.test(file);
  const font = file.endsWith('.woff2');
  res.setHeader(
    'Cache-Control',
    hashed || font ? 'public, max-age=31536000, immutable' : 'no-cache',
  );
}

/** Whether there is something to serve. */
export const isBuilt = (dist: string): boolean => existsSync(path.join(dist, 'index.html'));
