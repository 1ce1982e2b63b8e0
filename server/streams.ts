import { type Request, type Response } from 'express';

export const NO_KEY = 'The hub’s key is missing, or is another one.';
/** A page that does not take what it is sent is let go before so much waits for it, bytes. */
const MOST_WAITING = 8_000_000;
/** Something is said at least so often, or a way in between takes the stream for dead; ms. */
const HEARTBEAT = 15_000;

/** The streams that are open to pages. */
export interface Streams {
  /** Opens a stream to a page, if it has the key and there is room; refuses it in words otherwise. */
  readonly open: (req: Request, res: Response, ended: () => void) => boolean;
  /** Ends them, and their heartbeat. */
  readonly stop: () => void;
}

/** @param most pages that listen at once */
export function streamsFor(isKey: (shown: unknown) => boolean, most: number): Streams {
  const open = new Set<Response>();
  const heart = setInterval(() => {
    for (const page of open) page.write(': still here\n\n');
  }, HEARTBEAT);
  heart.unref();
  return {
    open: (req, res, ended) => {
      const known = isKey(req.query.key);
      if (!known || open.size >= most) {
        const error = known ? 'Too many pages are listening already.' : NO_KEY;
        res.status(known ? 503 : 401).json({ error });
        return false;
      }
      open.add(res);
      res.writeHead(200, {
        'Content-Type': 'text/event-stream',
        'Cache-Control': 'no-cache, no-transform',
      });
      res.write('retry: 2000\n\n');
      res.on('close', () => {
        open.delete(res);
        ended();
      });
      return true;
    },
    stop: () => {
      clearInterval(heart);
      for (const page of open) page.end();
    },
  };
}

/** Says something to pages whose streams are open. */
export function send(event: string, data: unknown, to: Iterable<Response>): void {
  const text = `event: ${event}\ndata: ${JSON.stringify(data)}\n\n`;
  for (const page of to) {
    if (page.writableLength > MOST_WAITING) page.destroy();
    else page.write(text);
  }
}
