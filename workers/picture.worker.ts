import { expose } from 'comlink';
import exifr from 'exifr/dist/mini.esm.mjs';

import { type Point, type Proposal, proposeMarks } from '@core/picture';

/** A picture as it is kept, or why it cannot be; a message for the baker. */
export type Shrunk =
  | {
      readonly picture: Blob;
      readonly width: number;
      readonly height: number;
      /** When it was taken by the clock of the camera, `2026-03-13T18:20:05`; null where the file does not say. */
      readonly takenAt: string | null;
    }
  | { readonly problem: string };

/** Its longer side as it is kept, pixels: enough to see bubbles, and a year of them in the room of one film. */
const LONGEST_SIDE = 1280;
const QUALITY = 0.82;
const UNREADABLE = 'This is no picture that the browser can read. Nothing was changed.';

/** When a picture was taken, and when its file was made: numbers of the Exif standard. */
const TAKEN = 0x9003;
const MADE = 0x9004;

/** `2026:03:13 18:20:05`, as cameras write it. */
async function takenAt(file: Blob): Promise<string | null> {
  try {
    const found = (await exifr.parse(file, {
      translateKeys: false,
      reviveValues: false,
    })) as Readonly<Record<number, unknown>> | undefined;
    const text = found?.[TAKEN] ?? found?.[MADE];
    const [, day, time] = /^(\d{4}:\d\d:\d\d) (\d\d:\d\d:\d\d)/.exec(String(text)) ?? [];
    return day ? `${day.replaceAll(':', '-')}T${time}` : null;
  } catch {
    return null;
  }
}

/** A picture drawn upright, no larger than wanted. */
async function drawn(file: Blob, longest: number) {
  const bitmap = await createImageBitmap(file, { imageOrientation: 'from-image' });
  const scale = Math.min(1, longest / Math.max(bitmap.width, bitmap.height));
  const width = Math.max(1, Math.round(bitmap.width * scale));
  const height = Math.max(1, Math.round(bitmap.height * scale));
  const canvas = new OffscreenCanvas(width, height);
  const context = canvas.getContext('2d', { willReadFrequently: true })!;
  context.imageSmoothingQuality = 'high';
  context.drawImage(bitmap, 0, 0, width, height);
  bitmap.close();
  return { canvas, context, width, height };
}

/** The marks are looked for in a picture of this height: more pixels say no more. */
const READ_HEIGHT = 240;

/** A picture as it is kept, with the marks that may stand in it, in its own pixels. */
export type ReadShrunk =
  | (Extract<Shrunk, { readonly picture: Blob }> & { readonly proposal: Proposal | null })
  | { readonly problem: string };

const work = {
  /** A picture small enough to be kept, and where floor, band and surface may be in it. */
  async read(file: Blob): Promise<ReadShrunk> {
    const shrunk = await work.shrink(file);
    if ('problem' in shrunk) return shrunk;
    const longest = (READ_HEIGHT * Math.max(shrunk.width, shrunk.height)) / shrunk.height;
    const { context, width, height } = await drawn(shrunk.picture, longest);
    const found = proposeMarks(context.getImageData(0, 0, width, height));
    const scale = shrunk.height / height;
    const up = ({ x, y }: Point): Point => ({ x: scale * x, y: scale * y });
    return {
      ...shrunk,
      proposal: found && {
        ...found,
        marks: {
          foot: up(found.marks.foot),
          band: up(found.marks.band),
          surface: up(found.marks.surface),
        },
      },
    };
  },
  /** A picture upright, and small enough to be kept. */
  async shrink(file: Blob): Promise<Shrunk> {
    try {
      const { canvas, width, height } = await drawn(file, LONGEST_SIDE);
      const picture = await canvas.convertToBlob({ type: 'image/jpeg', quality: QUALITY });
      return { picture, width, height, takenAt: await takenAt(file) };
    } catch {
      return { problem: UNREADABLE };
    }
  },
};

export type PictureWork = typeof work;

expose(work);
