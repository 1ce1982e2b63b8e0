import { type ComponentType } from 'react';
import { screen } from '@testing-library/react';

import { type Standing } from '@core/journal';
import { someFeed } from '@core/journal/someJar.testing';
import { selectStanding } from '@state';

import { PLACES, iso, kitchenStore, show, tern, touch, type } from '../../tests/kitchen';
import { BuildScreen } from '../bowl/BuildScreen';
import { NoteSheet } from '../jar/NoteSheet';
import { SameAgainSheet } from '../jar/SameAgainSheet';
import { SplitSheet } from '../jar/SplitSheet';
import { TakeSheet } from '../jar/TakeSheet';
import { MoveSheet } from './MoveSheet';
import { WeighSheet } from './WeighSheet';

interface Shown {
  readonly id: string;
  readonly standing: Standing;
  readonly onClose: () => void;
}

const FED = someFeed('fed once', iso(-5), { flourG: 40, waterG: 40 });

describe('an hour that is not typed to its end', () => {
  it.each<[string, ComponentType<Shown>, string, string, RegExp]>([
    ['a levain in a bowl', BuildScreen, 'It was earlier', 'Mixed at', /^It is mixed$/],
    ['what is taken', TakeSheet, 'It was earlier', 'Taken at', /^Take it out$/],
    ['a part that is split off', SplitSheet, 'It was earlier', 'Split off at', /^Split it off$/],
    ['the usual feed', SameAgainSheet, 'It was earlier', 'Fed at', /^It is fed$/],
    ['a note', NoteSheet, 'It was earlier', 'Noticed at', /^Write it down$/],
    ['a move', MoveSheet, 'Earlier or later', 'Moved at', /^Fridge$/],
    ['a weighing', WeighSheet, 'It was earlier', 'Weighed at', /^Use this from now on$/],
  ])('is no hour of %s, and is kept', async (_, Sheet, offer, label, done) => {
    const store = kitchenStore([...PLACES, tern(), FED]);
    const standing = selectStanding(store.getState(), 'tern')!;
    show(<Sheet id="tern" standing={standing} onClose={() => undefined} />, store);
    await touch('button', offer);
    await type(label, '2026-03-13T1');
    await touch('button', done);
    expect(store.getState().kitchen.events.at(-1)).toEqual(FED);
    expect(screen.getByLabelText<HTMLInputElement>(label).value).toContain('2026-03-13T1');
  });
});
