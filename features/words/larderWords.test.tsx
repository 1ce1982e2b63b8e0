import { type Lot } from '@core/larder';
import { PROGRAMMES } from '@core/journal';
import { DAY } from '@core/measure';
import { PROGRAMME, QUESTIONS, type Run, SIGNS_OF, VERDICTS } from '@core/rescue';
import { usualSettings } from '@state';

import { foretoldText } from '../rescue/foretoldText';
import { PROGRAMME_TEXTS, expectNow } from '../rescue/programmeWords';
import { QUESTION_WORDS, answerWords } from '../rescue/questionWords';
import { VERDICT_WORDS, hoochWords } from '../rescue/verdictWords';
import { kitchenWords } from './kitchenWords';
import { aliveWords, cameOutWords, tubWords } from './larderWords';
import { lotWords } from './lotWords';

const NOW = Date.parse('2026-03-13T18:20:00Z');
const words = kitchenWords(usualSettings('en-GB'), 'Europe/Lisbon', NOW);

describe('a tub in words', () => {
  const tub = {
    id: 't',
    name: 'Half',
    flour: { white: 1 },
    grams: 800,
    lowG: 200,
    pricePerKg: null,
    useBy: null,
  };
  const use = { gramsPerWeek: 400, costPerWeek: null, priced: 0 };

  it('says how long it lasts, when it runs low, and when it is empty', () => {
    expect(tubWords(tub, use, NOW, words)).toBe('800 g, for about 14 days');
    expect(tubWords({ ...tub, grams: 150 }, use, NOW, words)).toMatch(/^150 g, running low/);
    expect(tubWords({ ...tub, grams: 0 }, use, NOW, words)).toBe('empty');
    expect(tubWords(tub, { ...use, gramsPerWeek: 0 }, NOW, words)).toBe('800 g');
  });

  it('names its day only when that is near or past', () => {
    const day = (useBy: string) => tubWords({ ...tub, useBy }, use, NOW, words);
    expect(day('2026-12-01')).not.toMatch(/use by/);
    expect(day('2026-03-20')).toMatch(/use by 20 Mar$/);
    expect(day('2026-02-01')).toMatch(/past its day, 1 Feb$/);
  });
});

describe('a lot of discard in words', () => {
  const lot: Lot = {
    id: 'l',
    jar: 'grebe',
    takenAt: NOW - 3 * DAY,
    grams: 80,
    hydrationPct: 100,
    store: 'fridge',
    fridgeDays: 3,
    frozenDays: 0,
    thawedAt: null,
    acid: 11,
    taste: 'tangy',
    keeping: 'good',
  };
  it('is its age and its taste', () => {
    expect(lotWords(lot, NOW, words)).toBe('3 days in the fridge, tangy');
    expect(lotWords({ ...lot, fridgeDays: 0.4 }, NOW, words)).toBe(
      'under a day in the fridge, tangy',
    );
    expect(lotWords({ ...lot, fridgeDays: 20, keeping: 'old' }, NOW, words)).toMatch(
      /past its time$/,
    );
    expect(lotWords({ ...lot, store: 'freezer', frozenDays: 12 }, NOW, words)).toBe(
      'frozen 12 days, tangy',
    );
    expect(lotWords({ ...lot, thawedAt: NOW + DAY / 2 }, NOW, words)).toMatch(
      /thawed tomorrow 06:15/,
    );
  });
});

describe('what came out in words', () => {
  const month = { month: '2026-03', flourFedG: 0, bakedG: 0, keptG: 0, compostedG: 0, wastedG: 0 };
  it('tells what was done with it, and not what was not', () => {
    expect(cameOutWords([month])).toBeNull();
    expect(cameOutWords([{ ...month, wastedG: 40 }, month])).toBe(
      'All that came out, 40 g, was binned.',
    );
    expect(
      cameOutWords([
        { ...month, bakedG: 900 },
        { ...month, bakedG: 200, keptG: 8 },
      ]),
    ).toBe('Of 1.1 kg that came out, 1.1 kg went into bakes and 8 g were kept as discard.');
  });

  it('puts no number on a backup that is all but dead', () => {
    expect([0.76, 0.02, 0.01].map(aliveWords)).toEqual(['about 76 %', 'about 2 %', 'hardly any']);
  });
});

describe('rescue in words', () => {
  it('has a word for every answer, and a question for every sign', () => {
    for (const question of QUESTIONS) {
      expect(QUESTION_WORDS[question].ask).toMatch(/\?$/);
      for (const answer of SIGNS_OF[question]) expect(answerWords(question, answer)).not.toBe('');
    }
    expect(answerWords('smell', 'unknown')).toBe('cannot tell');
  });

  it('says what every verdict means and what to do', () => {
    for (const kind of VERDICTS) {
      expect(VERDICT_WORDS[kind].does.length).toBeGreaterThan(0);
      expect(VERDICT_WORDS[kind].means.length).toBeGreaterThan(20);
    }
    expect(VERDICT_WORDS.contaminated.umbrella).toBe('crossedOut');
  });

  it('has something to expect on every day of every programme, and goes by what was seen', () => {
    const run = (id: (typeof PROGRAMMES)[number], day: number, over: Partial<Run> = {}): Run => ({
      programme: PROGRAMME[id],
      begunAt: 0,
      day,
      feedsSoFar: 0,
      feeds: [],
      doublings: 0,
      slower: 1,
      misses: 0,
      goodSmells: 0,
      progress: 'onTime',
      falseRise: false,
      verdict: 'going',
      ...over,
    });
    for (const id of PROGRAMMES) {
      expect(PROGRAMME_TEXTS[id].begins.length).toBeGreaterThan(20);
      for (const day of [1, 2, 5, 30])
        expect(expectNow(run(id, day))).toContain(`Day ${day}, and nobody has looked.`);
    }
    const seen = (highest: number) => [
      {
        at: 0,
        flour: { white: 1 },
        until: null,
        doubledH: null,
        peakedH: null,
        highest,
        smell: null,
        inTimeH: 9,
      },
    ];
    expect(expectNow(run('wholeGrainTaper', 2, { feeds: seen(1.5) }))).toMatch(
      /^Day 2: .*Do not bake/,
    );
    expect(expectNow(run('wholeGrainTaper', 9, { feeds: seen(1.05) }))).not.toMatch(
      /rises again with/,
    );
    expect(expectNow(run('wholeGrainTaper', 9, { doublings: 1 }))).toMatch(/rises again with/);
  });

  it('gives the reason for pouring off and stirring in, and knows both schools', () => {
    expect(hoochWords({ do: 'pourOff', because: 'dark', grams: 12 })).toMatch(
      /^Pour it off: dark liquid .* Bakers do both\.$/,
    );
    expect(hoochWords({ do: 'stirIn', because: 'little', grams: 4 })).toMatch(/^Stir it in/);
  });

  it('promises a range of feeds and days, that agrees with what is usual', () => {
    const feed = {
      at: NOW,
      until: 86_400_000,
      keepG: 1,
      flourG: 1,
      waterG: 1,
      doublesH: null,
      heights: [],
    };
    const text = (
      hours: number,
      feeds: number,
      programme: (typeof PROGRAMMES)[number] = 'neglected',
      given = 0,
      place: string | null = null,
    ) =>
      foretoldText(
        {
          present: [],
          feeds: Array.from({ length: feeds }, () => feed),
          ends: 'well',
          at: NOW + hours * 3_600_000,
        },
        PROGRAMME[programme],
        given,
        NOW,
        place,
        words,
      );
    expect(text(96, 4)).toBe(
      '3 to 6 feeds: well by Mon 16 Mar to Thu 19 Mar, as far as anyone can tell.',
    );
    expect(text(120, 5, 'wholeGrainTaper')).toMatch(/^7 to 11 feeds: well by /);
    expect(text(24, 1, 'neglected', 4, 'Oven')).toMatch(/^1 to 2 feeds in “Oven”: /);
    expect(text(9, 0)).toBe('No more feed: lively tonight, by the forecast.');
    expect(text(-1, 0)).toBe('By the forecast it should be lively by now.');
  });

  it('says when nothing is expected, and to keep a backup ready', () => {
    const said = foretoldText(
      { present: [], feeds: [], ends: 'useBackup', at: NOW },
      PROGRAMME.neglected,
      0,
      NOW,
      null,
      words,
    );
    expect(said).toBe('The forecast does not see it back within 7 days. Keep a backup ready.');
  });
});
