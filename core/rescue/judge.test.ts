import fc from 'fast-check';

import { VERDICTS, judge, nextQuestion, turnsOf } from './judge';
import {
  QUESTIONS,
  type QuestionId,
  SIGNS_OF,
  type Signs,
  type Surface,
  withAnswer,
} from './signs';

/** Any answers at all, sensible or not. */
const anySigns: fc.Arbitrary<Signs> = fc.record(
  {
    surface: fc.oneof(
      fc.constant('unknown' as const),
      fc.uniqueArray(fc.constantFrom(...SIGNS_OF.surface), { minLength: 1, maxLength: 3 }),
    ),
    ...Object.fromEntries(
      QUESTIONS.filter((q) => q !== 'surface').map((q) => [
        q,
        fc.constantFrom(...SIGNS_OF[q], 'unknown'),
      ]),
    ),
  },
  { requiredKeys: [] },
);

const THROW_OUT: readonly Surface[] = ['fuzz', 'spots', 'streaks', 'foreign', 'film'];

describe('throwing out', () => {
  it('comes first in every combination with any of its signs', () => {
    fc.assert(
      fc.property(anySigns, fc.constantFrom(...THROW_OUT), (signs, sign) => {
        const others = Array.isArray(signs.surface) ? (signs.surface as Surface[]) : [];
        const verdict = judge({ ...signs, surface: [...others, sign] });
        expect(verdict.kind).toBe('contaminated');
        expect(verdict.programme).toBeNull();
      }),
    );
    fc.assert(
      fc.property(anySigns, (signs) => {
        expect(judge({ ...signs, liquid: 'coloured' }).kind).toBe('contaminated');
      }),
    );
  });

  it('errs to the same side for a flat film, and says it is a guess', () => {
    expect(judge({ surface: ['film'] })).toMatchObject({
      kind: 'contaminated',
      certainty: 'guess',
    });
    expect(judge({ surface: ['fuzz'] }).certainty).toBe('sure');
  });

  it('is for a rotten smell only when it is no longer young and a feed did not cure it', () => {
    const rot: Signs = { surface: ['nothing'], smell: 'rot' };
    expect(judge(rot).kind).toBe('hungry');
    expect(nextQuestion(rot)).toBe('cured');
    expect(judge({ ...rot, cured: 'stays' }).kind).toBe('contaminated');
    expect(judge({ ...rot, cured: 'stays', age: 'young', rise: 'none' }).kind).toBe('tooYoung');
  });

  it('is not asked to death: nothing more once it has to go', () => {
    expect(nextQuestion({ surface: ['spots'] })).toBeNull();
  });
});

/** Every way through the questions, as somebody answers them one after the other. */
function* everyPath(
  signs: Signs = {},
  asked: readonly QuestionId[] = [],
): Generator<readonly [Signs, readonly QuestionId[]]> {
  const question = nextQuestion(signs);
  if (question === null) {
    yield [signs, asked];
    return;
  }
  for (const answer of [...SIGNS_OF[question], 'unknown'])
    yield* everyPath(withAnswer(signs, question, answer), [...asked, question]);
}

describe('the questions', () => {
  const paths = [...everyPath()];

  it('end on every path, no question asked twice', () => {
    expect(paths.length).toBeGreaterThan(200);
    expect(paths.filter(([, asked]) => new Set(asked).size !== asked.length)).toEqual([]);
    expect(Math.max(...paths.map(([, asked]) => asked.length))).toBeLessThanOrEqual(10);
  });

  it('reach every verdict', () => {
    const reached = new Set(paths.map(([signs]) => judge(signs).kind));
    expect([...reached].sort()).toEqual([...VERDICTS].sort());
  });

  it('begin with what could be mould', () => {
    expect([...new Set(paths.map(([, asked]) => asked[0]))]).toEqual(['surface']);
    expect(nextQuestion({ smell: 'fresh', unfed: 'days', heat: 'none' })).toBe('surface');
  });

  it('are three at most for the common cases', () => {
    const lengthOf = (answers: Signs, known: Signs = {}) => {
      let signs = known;
      let asked = 0;
      for (;;) {
        const question = nextQuestion(signs);
        if (question === null) return asked;
        const given = answers[question] ?? 'unknown';
        signs = { ...signs, [question]: given };
        // Colour and amount of the liquid stand on one page.
        if (question !== 'amount') asked++;
      }
    };
    const known: Signs = {
      unfed: 'days',
      stood: 'room',
      heat: 'none',
      age: 'grown',
      texture: 'usual',
    };
    expect(lengthOf({ surface: ['nothing'], smell: 'fresh', rise: 'doubled' })).toBe(3);
    expect(
      lengthOf({ surface: ['liquid'], liquid: 'grey', amount: 'film', smell: 'solvent' }, known),
    ).toBe(3);
    expect(lengthOf({ surface: ['nothing'], smell: 'sharp', rise: 'none' }, known)).toBe(2);
    expect(lengthOf({ surface: ['fuzz'] })).toBe(1);
  });

  it('go on when somebody cannot tell', () => {
    let signs: Signs = {};
    for (let question = nextQuestion(signs); question; question = nextQuestion(signs))
      signs = withAnswer(signs, question, 'unknown');
    expect(judge(signs)).toMatchObject({ kind: 'cannotTell', certainty: 'guess' });
  });
});

describe('a verdict', () => {
  const kindOf = (signs: Signs) => judge({ surface: ['nothing'], ...signs }).kind;

  it('tells hunger from neglect by how long and where', () => {
    expect(kindOf({ surface: ['liquid'], liquid: 'grey', unfed: 'days' })).toBe('hungry');
    expect(kindOf({ unfed: 'weeks', stood: 'room' })).toBe('neglected');
    expect(kindOf({ unfed: 'weeks', stood: 'cold' })).toBe('hungry');
    expect(kindOf({ unfed: 'months', stood: 'cold' })).toBe('neglected');
    expect(judge({ surface: ['nothing'], unfed: 'weeks', stood: 'cold' }).programme).toBe(
      'halfOut',
    );
    expect(judge({ surface: ['nothing'], unfed: 'months' }).programme).toBe('neglected');
  });

  it('tells cold, thick and young from harm', () => {
    expect(kindOf({ rise: 'none', stood: 'cool' })).toBe('tooCold');
    expect(kindOf({ rise: 'some', stood: 'room', texture: 'runny' })).toBe('wrongProportion');
    expect(kindOf({ rise: 'none', age: 'young', smell: 'rot' })).toBe('tooYoung');
    expect(kindOf({ rise: 'none', heat: 'stalled' })).toBe('tooHot');
    expect(kindOf({ heat: 'killed', rise: 'none' })).toBe('killed');
    expect(kindOf({ rise: 'none', stood: 'room', unfed: 'hours' })).toBe('waiting');
  });

  it('names a second trouble beside the first', () => {
    expect(
      judge({ surface: ['liquid'], liquid: 'clear', rise: 'none', stood: 'cool' }),
    ).toMatchObject({
      kind: 'hungry',
      also: ['tooCold'],
    });
  });

  it('that rests on answers which clash is a guess and says which', () => {
    const verdict = judge({ surface: ['liquid'], liquid: 'dark', unfed: 'hours' });
    expect(verdict.contradictions).toEqual([['unfed', 'liquid']]);
    expect(verdict.certainty).toBe('guess');
  });

  it('is surer when two signs agree', () => {
    expect(judge({ surface: ['nothing'], smell: 'solvent' }).certainty).toBe('likely');
    expect(
      judge({ surface: ['nothing'], smell: 'solvent', unfed: 'weeks', stood: 'cold' }).certainty,
    ).toBe('likely');
    expect(judge({ surface: ['liquid'], liquid: 'grey' }).certainty).toBe('sure');
  });

  it('says what would change it, the throw-out first, and is right about it', () => {
    fc.assert(
      fc.property(anySigns, (signs) => {
        const verdict = judge(signs);
        for (const { question, answer, kind } of turnsOf(signs)) {
          expect(kind).not.toBe(verdict.kind);
          expect(judge(withAnswer(signs, question, answer)).kind).toBe(kind);
        }
      }),
    );
    expect(turnsOf({ surface: ['nothing'], smell: 'fresh', rise: 'doubled' })[0]).toMatchObject({
      question: 'surface',
      kind: 'contaminated',
    });
  });
});
