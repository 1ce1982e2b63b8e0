import { type JarEvent } from './events';
import { lineage } from './lineage';
import { someStart } from './someJar.testing';

const iso = (hours: number) =>
  new Date(Date.parse('2026-03-01T08:00Z') + hours * 3_600_000).toISOString();
const noted = (jar: string, hours: number): JarEvent => ({
  kind: 'noted',
  id: `${jar} ${hours}`,
  jar,
  at: iso(hours),
  note: 'seen',
});
const started = (jar: string, hours: number, from?: string): JarEvent =>
  someStart(iso(hours), {
    id: `${jar} ${hours}`,
    jar,
    ...(from === undefined ? {} : { from }),
  });
const idsOf = (jar: string, ...logs: readonly (readonly [string, readonly JarEvent[]])[]) =>
  lineage(jar, new Map(logs)).map(({ id }) => id);

const MOTHER = [started('mother', 0), noted('mother', 10), noted('mother', 30)];
const CHILD = [started('child', 20, 'mother'), noted('child', 40), noted('child', 60)];
const GRANDCHILD = [started('grandchild', 50, 'child'), noted('grandchild', 70)];

describe('the log of a culture', () => {
  it('is the jar’s own where it came from nowhere', () => {
    expect(idsOf('mother', ['mother', MOTHER])).toEqual(['mother 0', 'mother 10', 'mother 30']);
  });

  it('goes back through the jars it came from, each up to where the next one left it', () => {
    expect(
      idsOf('grandchild', ['mother', MOTHER], ['child', CHILD], ['grandchild', GRANDCHILD]),
    ).toEqual(['mother 0', 'mother 10', 'child 20', 'child 40', 'grandchild 50', 'grandchild 70']);
  });

  it('begins where its origin is not in the log', () => {
    expect(idsOf('child', ['child', CHILD])).toEqual(['child 20', 'child 40', 'child 60']);
  });

  it('ends even where a log says that two jars came from each other', () => {
    const a = [started('a', 0, 'b')];
    const b = [started('b', 0, 'a')];
    expect(idsOf('a', ['a', a], ['b', b])).toEqual(['b 0', 'a 0']);
  });
});
