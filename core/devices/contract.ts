import { type Shape, either, fields, list, number, one, whole } from '../journal/shape';

/** What stands in a kitchen and tells of itself. */
export const DEVICE_KINDS = ['scale', 'thermometer', 'lid'] as const;
export type DeviceKind = (typeof DEVICE_KINDS)[number];

/** What a kitchen scale shows, grams, or that it is switching itself off. */
export interface ScaleReading {
  readonly kind: 'scale';
  readonly grams: number;
  readonly off?: boolean;
}

/** What a room thermometer shows, °C, with the least and the most of its memory. */
export interface ThermometerReading {
  readonly kind: 'thermometer';
  readonly celsius: number;
  readonly min?: number;
  readonly max?: number;
}

/** What looks down from a lid: millimetres to the surface, and °C in the jar. */
export interface LidReading {
  readonly kind: 'lid';
  readonly mm: number;
  readonly celsius?: number;
}

/** A reading as the hub passes it on. */
export type Reading = (ScaleReading | ThermometerReading | LidReading) & {
  readonly device: string;
  readonly name: string;
  /** When it was taken by the hub's clock, ms: a device's own may be wrong. */
  readonly at: number;
  /** Percent, where the device knows. */
  readonly battery?: number;
};

/** A post holds so many readings at most. */
export const MOST_READINGS = 600;
/** And is no larger, bytes. */
export const LARGEST_POST = 100_000;
/** A sealed message between two devices is no larger, letters. */
export const LARGEST_SEALED = 600_000;

const common = {
  /** Counted up by the device; what comes with a lower one comes too late. */
  seq: whole(0, 2 ** 53 - 1),
  /** By the device's own clock, ms: only the time between readings is taken from it. */
  'at?': number(0, 1e15),
  'battery?': number(0, 100),
};
const celsius = number(-40, 120);
const text: Shape = { of: 'text', max: 60 };

const post = (kind: DeviceKind, readings: Readonly<Record<string, Shape>>): Shape =>
  fields({
    device: { of: 'text', max: 60, like: /^[\w.-]+$/ },
    kind: one(kind),
    'name?': text,
    /** Another one says that the device began anew, and counts anew. */
    'boot?': text,
    readings: list(fields({ ...common, ...readings }), 1, MOST_READINGS),
  });

/** What a device posts to the hub. */
export const POSTS: Readonly<Record<DeviceKind, Shape>> = {
  scale: post('scale', {
    grams: number(-20_000, 20_000),
    'off?': { of: 'flag' },
  }),
  thermometer: post('thermometer', { celsius, 'min?': celsius, 'max?': celsius }),
  lid: post('lid', { mm: number(0, 2000), 'celsius?': celsius }),
};

export const POST_SHAPE: Shape = either(...DEVICE_KINDS.map((kind) => POSTS[kind]));

/** A post that fits its shape. */
export interface Post {
  readonly device: string;
  readonly kind: DeviceKind;
  readonly name?: string;
  readonly boot?: string;
  readonly readings: readonly ({
    readonly seq: number;
    readonly at?: number;
    readonly battery?: number;
  } & Readonly<Record<string, unknown>>)[];
}
