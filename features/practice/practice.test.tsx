import { cleanup, screen } from '@testing-library/react';

import { JUDGEMENTS, roundOf } from '@core/practice';
import { shelf } from '@state/door/shelf';
import { judged, practiceFrom } from '@state/practice';

import { show, touch } from '../../tests/kitchen';
import { PracticeScreen } from './PracticeScreen';
import { JUDGEMENT_WORDS } from './practiceWords';

const SEED = 99;

beforeEach(async () => {
  await shelf.clear();
  jest.spyOn(Math, 'random').mockReturnValue(SEED / 2 ** 31);
});
afterEach(() => jest.restoreAllMocks());

describe('practice', () => {
  it('shows a jar, hears what is right, says why, and goes on', async () => {
    show(<PracticeScreen />);
    const first = roundOf(SEED, 1, 0);
    await screen.findByText('What do you do?');
    await touch('button', JUDGEMENT_WORDS[first.right]);
    expect(screen.getByText('Yes.')).toBeVisible();
    expect(screen.getByText('1 of 1 judged rightly.')).toBeVisible();
    await touch('button', 'Next jar');
    const wrong = JUDGEMENTS.find((one) => {
      const { right, also } = roundOf(SEED, 1, 1);
      return one !== right && !also.includes(one);
    })!;
    await touch('button', JUDGEMENT_WORDS[wrong]);
    expect(screen.getByText(/^No: /)).toBeVisible();
    expect(screen.getByText('1 of 2 judged rightly.')).toBeVisible();
  });

  it('keeps each level, and is there again when the page is', async () => {
    show(<PracticeScreen />);
    await screen.findByText('What do you do?');
    await touch('radio', 'tricky');
    await touch('button', JUDGEMENT_WORDS[roundOf(SEED, 3, 0).right]);
    await touch('radio', 'plain');
    expect(screen.getByText(/Three of them take two minutes/)).toBeVisible();
    await touch('radio', 'tricky');
    cleanup();
    jest.spyOn(Math, 'random').mockReturnValue(0.5);
    show(<PracticeScreen />);
    expect(await screen.findByText('1 of 1 judged rightly.')).toBeVisible();
  });

  it('counts what does no harm, and ends a row with what does', () => {
    const round = roundOf(SEED, 1, 0);
    const one = { ...round, right: 'wait', also: ['fridge'] } as const;
    let practice = practiceFrom(1);
    for (const said of ['wait', 'fridge', 'throwOut', 'wait'] as const)
      practice = judged(practice, one, said);
    expect(practice.levels[1]).toEqual({ round: 4, right: 3, row: 1, best: 2 });
    expect(practice.levels[2].round).toBe(0);
  });
});
