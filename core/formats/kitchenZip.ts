import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate';

/** A picture and its name. */
export interface NamedPicture {
  readonly name: string;
  readonly bytes: Uint8Array;
}

const KITCHEN = 'kitchen.json';
const PICTURE = /^pictures\/([\w-]{1,80})\.jpg$/;
/** A picture as it is kept is no larger, bytes. */
const LARGEST = 8_000_000;
const MOST_PICTURES = 20_000;
/** No kitchen's text is longer, bytes. */
const LONGEST_TEXT = 200_000_000;
const NOTHING = 'Nothing was changed.';

/** A kitchen's file and its pictures as one zip: `kitchen.json`, and `pictures/NAME.jpg` for each. */
export const kitchenZip = (text: string, pictures: readonly NamedPicture[]): Uint8Array =>
  zipSync({
    [KITCHEN]: [strToU8(text), { level: 6 }],
    // They are compressed already.
    ...Object.fromEntries(
      pictures.map(({ name, bytes }) => [`pictures/${name}.jpg`, [bytes, { level: 0 }] as const]),
    ),
  });

/**
 * What a zip holds of a kitchen: the text of its file, and its pictures. Anything else in it is left alone.
 *
 * @throws Error with a message for the baker when it is none
 */
export function readKitchenZip(zip: Uint8Array): {
  readonly text: string;
  readonly pictures: readonly NamedPicture[];
} {
  let found: Readonly<Record<string, Uint8Array>>;
  let count = 0;
  try {
    found = unzipSync(zip, {
      // What claims to be larger than it can be is not unpacked at all.
      filter: ({ name, originalSize }) =>
        name === KITCHEN
          ? originalSize <= LONGEST_TEXT
          : PICTURE.test(name) && originalSize <= LARGEST && ++count <= MOST_PICTURES,
    });
  } catch {
    throw new Error(`This zip cannot be opened: it is damaged, or was cut short. ${NOTHING}`);
  }
  const kitchen = found[KITCHEN];
  if (!kitchen) throw new Error(`This zip holds no kitchen exported from Ombrello. ${NOTHING}`);
  const pictures = Object.entries(found).flatMap(([path, bytes]) => {
    const name = PICTURE.exec(path)?.[1];
    return name !== undefined && isJpeg(bytes) ? [{ name, bytes }] : [];
  });
  return { text: strFromU8(kitchen), pictures };
}

const isJpeg = (bytes: Uint8Array): boolean =>
  bytes[0] === 0xff && bytes[1] === 0xd8 && bytes[2] === 0xff;
