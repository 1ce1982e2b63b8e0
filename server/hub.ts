import { timingSafeEqual } from 'node:crypto';

import express, {
  type NextFunction,
  type Request,
  type RequestHandler,
  type Response,
  Router,
} from 'express';
import { rateLimit } from 'express-rate-limit';

import { type KnownDevice, takePost } from '../core/devices/arrivals';
import {
  DEVICE_KINDS,
  LARGEST_POST,
  LARGEST_SEALED,
  POSTS,
  type Post,
  type Reading,
} from '../core/devices/contract';
import { joiOf } from '../core/journal/joiOf';
import { NO_KEY, type Streams, send, streamsFor } from './streams';

/** How much the hub takes on. */
export interface HubLimits {
  /** Posts in ten seconds, from one address. */
  readonly posts: number;
  readonly devices: number;
  /** Pages that listen. */
  readonly listeners: number;
}

const LIMITS: HubLimits = { posts: 400, devices: 16, listeners: 24 };
const BOX = /^[\w-]{22}$/;

const SCHEMAS = Object.fromEntries(DEVICE_KINDS.map((kind) => [kind, joiOf(POSTS[kind])]));

/**
 * Devices stream in over `POST /readings` and out to pages over `GET /events`. The last reading of each device is all that
 * is kept, and only while the server runs.
 *
 * @param key whoever posts or listens shows it
 */
export function makeHub(key: string, limits: Partial<HubLimits> = {}, clock = Date.now) {
  const { posts, devices, listeners } = { ...LIMITS, ...limits };
  const hub = Router();
  const doors = doorsWith(key, posts);
  const streams = streamsFor(doors.isKey, listeners);
  takeReadings(hub, doors, streams, { most: devices, clock });
  passSealedOn(hub, doors, streams);
  hub.use((_req: Request, res: Response) => {
    res.status(404).json({ error: 'The hub knows no such address.' });
  });
  // Express knows a handler of errors by its four parameters.
  hub.use((error: { status?: number }, _req: Request, res: Response, _next: NextFunction) => {
    const said =
      error.status === 413
        ? 'This post is larger than the hub takes.'
        : 'This is no JSON that can be read.';
    res.status(error.status === 413 ? 413 : 400).json({ error: said });
  });
  return {
    router: hub,
    /** Ends the streams and the heartbeat. */
    stop: streams.stop,
  };
}

/** What a post goes through before it is looked at. */
interface Doors {
  readonly isKey: (shown: unknown) => boolean;
  readonly withKey: RequestHandler<never>;
  /** Counted for each address that is posted to. */
  readonly inTime: () => RequestHandler<never>;
}

function doorsWith(key: string, posts: number): Doors {
  const isKey = (shown: unknown) => typeof shown === 'string' && isSame(shown, key);
  return {
    isKey,
    withKey: (req, res, next) => {
      if (isKey(/^Bearer (.+)$/.exec(req.get('authorization') ?? '')?.[1])) return next();
      res.status(401).json({ error: NO_KEY });
    },
    inTime: () =>
      rateLimit({
        windowMs: 10_000,
        limit: posts,
        standardHeaders: true,
        legacyHeaders: false,
        message: { error: 'Too many posts: send several readings at once.' },
      }),
  };
}

function takeReadings(
  hub: Router,
  { inTime, withKey }: Doors,
  streams: Streams,
  { most, clock }: { readonly most: number; readonly clock: () => number },
): void {
  const devices = new Map<string, KnownDevice>();
  const listening = new Set<Response>();
  hub.post(
    '/readings',
    inTime(),
    withKey,
    express.json({ limit: LARGEST_POST, strict: true }),
    (req: Request, res: Response) => {
      const post = req.body as Post | undefined;
      const schema = typeof post?.kind === 'string' ? SCHEMAS[post.kind] : undefined;
      if (!schema || !post)
        return res.status(400).json({ error: `"kind" is one of ${DEVICE_KINDS.join(', ')}.` });
      const { error } = schema.validate(post, { convert: false });
      if (error) return res.status(400).json({ error: error.message });
      const before = devices.get(post.device) ?? null;
      if (!before && devices.size >= most)
        return res.status(409).json({ error: `The hub knows ${most} devices already.` });
      const { readings, late, known } = takePost(post, before, clock());
      if (known) devices.set(post.device, known);
      if (readings.length > 0) send('readings', { now: clock(), readings }, listening);
      return res.status(202).json({ taken: readings.length, late });
    },
  );
  hub.get('/events', (req, res) => {
    if (!streams.open(req, res, () => listening.delete(res))) return;
    const readings: readonly Reading[] = [...devices.values()].map((known) => known.last);
    send('hello', { now: clock(), readings }, [res]);
    listening.add(res);
  });
}

/** Between two devices of one kitchen: sealed, and passed on to whoever listens at that moment. */
function passSealedOn(hub: Router, { inTime, withKey }: Doors, streams: Streams): void {
  const boxes = new Map<string, Set<Response>>();
  hub.get('/boxes/:box/events', (req, res) => {
    const { box } = req.params;
    if (!BOX.test(box)) return res.status(400).json({ error: 'That is no box.' });
    const listeners = boxes.get(box) ?? new Set();
    const ended = () => {
      listeners.delete(res);
      if (listeners.size === 0) boxes.delete(box);
    };
    if (!streams.open(req, res, ended)) return;
    boxes.set(box, listeners.add(res));
    send('hello', listeners.size - 1, [res]);
  });
  hub.post(
    '/boxes/:box',
    inTime(),
    withKey,
    express.text({ limit: LARGEST_SEALED }),
    (req: Request<{ box: string }>, res: Response) => {
      const sealed: unknown = req.body;
      if (typeof sealed !== 'string' || !/^[\w-]+$/.test(sealed))
        return res.status(400).json({ error: 'Sealed messages are letters and digits.' });
      const listeners = boxes.get(req.params.box) ?? [];
      send('sealed', sealed, listeners);
      return res.status(202).json({ listening: [...listeners].length });
    },
  );
}

/** Compared in the same time whatever is wrong with it. */
function isSame(shown: string, key: string): boolean {
  const [a, b] = [Buffer.from(shown), Buffer.from(key)];
  return a.length === b.length && timingSafeEqual(a, b);
}
