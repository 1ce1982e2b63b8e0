import fc from 'fast-check';

import { LARGEST_SEALED } from '../devices/contract';
import { codeOf, haveOf, joined, missingThere, newPair, pairFrom, piecesOf, seal, unseal } from '.'; // oxfmt-ignore

describe('what two kitchens have', () => {
  const ids = fc.uniqueArray(fc.string({ minLength: 1, maxLength: 12 }), { maxLength: 300 });
  const entries = (of: readonly string[]) => of.map((id) => ({ id }));

  it('comes together by one exchange, whatever each had', () =>
    fc.assert(
      fc.property(ids, ids, (here, there) => {
        const [mine, theirs] = [haveOf(here), haveOf(there)];
        const sent = missingThere(entries(here), mine, theirs).map(({ id }) => id);
        const back = missingThere(entries(there), theirs, mine).map(({ id }) => id);
        const one = haveOf([...new Set([...here, ...back])]);
        const other = haveOf([...new Set([...sent, ...there])]);
        expect(one).toEqual(other);
      }),
    ));

  it('is the same in any order, and then nothing is sent', () =>
    fc.assert(
      fc.property(ids, (all) => {
        const have = haveOf(all);
        expect(haveOf([...all].reverse())).toEqual(have);
        expect(missingThere(entries(all), have, have)).toEqual([]);
      }),
    ));

  it('differs by one entry in one heap: little is sent', () => {
    const all = Array.from({ length: 6400 }, (_, i) => `entry ${i}`);
    const sent = missingThere(entries([...all, 'new']), haveOf([...all, 'new']), haveOf(all));
    expect(sent.map(({ id }) => id)).toContain('new');
    expect(sent.length).toBeLessThan(200);
  });
});

describe('a sealed message', () => {
  it('is read by who has the code', () => {
    const pair = newPair();
    const other = pairFrom(codeOf(pair))!;
    for (const text of ['', 'fed: keep 20 🫙', 'x'.repeat(200_000)])
      expect(unseal(other, seal(pair, text))).toBe(text);
    expect(seal(pair, 'the same')).not.toBe(seal(pair, 'the same'));
  });

  it('is read by nobody else, and not when it was changed', () => {
    const pair = newPair();
    const sealed = seal(pair, 'fed: keep 20');
    expect(sealed).not.toContain('keep');
    expect(unseal(newPair(), sealed)).toBeNull();
    expect(unseal({ ...pair, box: newPair().box }, sealed)).toBeNull();
    for (let i = 0; i < sealed.length; i += 7) {
      const other = sealed[i] === 'A' ? 'B' : 'A';
      expect(unseal(pair, sealed.slice(0, i) + other + sealed.slice(i + 1))).toBeNull();
    }
    for (const none of ['', '!', 'AAAA']) expect(unseal(pair, none)).toBeNull();
  });

  it('has a code that nothing else is', () => {
    for (const none of ['', '.', 'a.b', `${codeOf(newPair())}x`, codeOf(newPair()).slice(1)])
      expect(pairFrom(none)).toBeNull();
  });
});

describe('a picture on its way', () => {
  const bytes = (length: number) => Uint8Array.from({ length }, (_, n) => (n * 7919) % 256);

  it('is the same when its pieces are together again, however large', () => {
    for (const length of [0, 1, 239_999, 240_000, 240_001, 700_000])
      expect(Buffer.from(joined(piecesOf(bytes(length)))).equals(bytes(length))).toBe(true);
  });

  it('goes in pieces that the hub takes, sealed', () => {
    const pieces = piecesOf(bytes(700_000));
    expect(pieces).toHaveLength(3);
    for (const letters of pieces) {
      const said = JSON.stringify({ is: 'picture', from: 'x'.repeat(21), picture: 'x'.repeat(21), piece: 2, of: 3, letters }); // oxfmt-ignore
      expect(seal(newPair(), said).length).toBeLessThan(LARGEST_SEALED);
    }
  });

  it('that was changed on the way is none', () => {
    expect(() => joined(['ä'])).toThrow();
  });
});
