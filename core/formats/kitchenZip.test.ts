import fc from 'fast-check';
import { strToU8, zipSync } from 'fflate';

import { kitchenZip, readKitchenZip } from './kitchenZip';

const jpeg = (seed: number) =>
  Uint8Array.from([0xff, 0xd8, 0xff, ...Array.from({ length: 500 }, (_, i) => (i * seed) % 256)]);

describe('a kitchen with its pictures in one file', () => {
  it('comes back as it went, to the byte', () => {
    const text = '{"format":"ombrello-kitchen","events":[] , "note":"Grüße, 面包"}';
    const pictures = [1, 2, 3].map((seed) => ({ name: `p-${seed}`, bytes: jpeg(seed) }));
    expect(readKitchenZip(kitchenZip(text, pictures))).toEqual({ text, pictures });
  });

  it('without its kitchen is refused, and what is no picture is left alone', () => {
    expect(() => readKitchenZip(zipSync({ 'readme.txt': strToU8('hello') }))).toThrow(
      /holds no kitchen/,
    );
    const odd = zipSync({
      'kitchen.json': strToU8('{}'),
      'pictures/../../x.jpg': jpeg(1),
      'pictures/page.jpg': strToU8('<html>'),
      'notes/a.jpg': jpeg(2),
    });
    expect(readKitchenZip(odd).pictures).toEqual([]);
  });

  it('whatever the bytes: it is refused in words', () => {
    const whole = kitchenZip('{"events":[]}', [{ name: 'a', bytes: jpeg(7) }]);
    const cut = fc.integer({ min: 0, max: whole.length - 30 }).map((n) => whole.slice(0, n));
    const changed = fc
      .array(fc.tuple(fc.nat(whole.length - 1), fc.nat(255)), { minLength: 1, maxLength: 5 })
      .map((changes) => {
        const copy = whole.slice();
        for (const [at, to] of changes) copy[at] = to;
        return copy;
      });
    fc.assert(
      fc.property(fc.oneof(fc.uint8Array({ maxLength: 300 }), cut, changed), (bytes) => {
        try {
          return typeof readKitchenZip(bytes).text === 'string';
        } catch (error) {
          return /Nothing was changed\.$/.test((error as Error).message);
        }
      }),
      { numRuns: 1500 },
    );
  });
});
