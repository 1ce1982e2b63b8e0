import { fireEvent, screen } from '@testing-library/react';

import { type JournalEvent } from '@core/journal';
import { selectJarEvents } from '@state';

import { PLACES, iso, kitchenStore, show, tern, touch, went } from '../../tests/kitchen';
import { CompareScreen } from './CompareScreen';

const fed = (jar: string, grams: number): JournalEvent => ({
  kind: 'fed',
  id: `${jar} fed`,
  jar,
  at: iso(-4),
  keepG: 20,
  flourG: grams,
  waterG: grams,
  flour: { white: 1 },
});
const puffin: JournalEvent = { ...tern({ name: 'Puffin' }), id: 'puffin begins', jar: 'puffin' };
const looked = (jar: string, height: number): JournalEvent => ({
  kind: 'looked',
  // An entry never changes: another one has another id.
  id: `${jar} looked ${height}`,
  jar,
  at: iso(-1),
  height,
});
const pair = (...more: readonly JournalEvent[]) =>
  show(
    <CompareScreen a="tern" b="puffin" />,
    kitchenStore([...PLACES, tern(), puffin, fed('tern', 40), fed('puffin', 40), ...more]),
  );

describe('two jars', () => {
  it('fed alike, of which one rose clearly higher, are told apart', () => {
    pair(looked('tern', 2.4), looked('puffin', 1.2));
    expect(screen.getByText(/^Tern and Puffin were fed alike and together/)).toBeVisible();
    expect(
      screen.getByText('After 3 hours Tern stood higher: + 140 % against + 20 %.'),
    ).toBeVisible();
  });

  it('that differ by less than an eye misreads are not', () => {
    pair(looked('tern', 1.6), looked('puffin', 1.62));
    expect(screen.getByText(/^So far there is no difference/)).toBeVisible();
  });

  it('not fed alike do not compare', () => {
    pair({ ...fed('puffin', 120), id: 'another feed', at: iso(-2) });
    expect(screen.getByText(/heights at the same hour do not compare/)).toBeVisible();
  });

  it('of which one has no band are not measured against each other', () => {
    show(
      <CompareScreen a="tern" b="puffin" />,
      kitchenStore([...PLACES, tern(), puffin, fed('tern', 40)]),
    );
    expect(screen.getByText(/^Puffin was not fed here yet, so it has no band/)).toBeVisible();
    expect(screen.queryByRole('button', { name: 'Log both looks' })).toBeNull();
  });

  it('are looked at together, and logged for the same minute', async () => {
    const store = pair();
    for (const [jar, keys] of [
      ['Tern', 3],
      ['Puffin', 1],
    ] as const)
      for (let i = 0; i < keys; i++)
        fireEvent.keyDown(
          screen.getByRole('slider', { name: `Surface in ${jar}’s jar`, hidden: true }),
          { key: 'ArrowUp' },
        );
    await touch('button', 'Log both looks');
    const looks = ['tern', 'puffin'].map(
      (jar) => selectJarEvents(store.getState(), jar).at(-1) as { at: string; height: number },
    );
    expect(looks[0]!.at).toBe(looks[1]!.at);
    expect(looks[0]!.height).toBeGreaterThan(looks[1]!.height);
  });

  it('are fed alike in one pass, on a keep that both can spare', async () => {
    const store = pair();
    await touch('button', 'Feed both alike, in one pass');
    expect(went).toEqual(['/jar/tern/feed?then=puffin']);
    expect(store.getState().bench.tern).toEqual(store.getState().bench.puffin);
  });

  it('are needed', async () => {
    show(<CompareScreen a={undefined} b={undefined} />, kitchenStore([...PLACES, tern()]));
    expect(screen.getByText('You need two jars on the shelf to compare them.')).toBeVisible();
    await touch('link', 'Add a starter');
    expect(went).toEqual(['/add']);
  });
});
