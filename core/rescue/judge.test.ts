import fc from 'fast-check';

import { chanceFrom } from '../measure/chance';
import { once } from '../measure/once.testing';
import { judge } from './judge';
import { nextQuestion, turnsOf } from './questions';
import { VERDICTS, type VerdictKind } from './rules';
import {
  type Happening,
  QUESTIONS,
  type QuestionId,
  SIGNS_OF,
  type Signs,
  type Surface,
  toldBeside,
  withAnswer,
} from './signs';

/** Any answers at all, sensible or not. */
const anySigns: fc.Arbitrary<Signs> = fc.record(
  {
    ...Object.fromEntries(
      (['surface', 'happened'] as const).map((q) => [
        q,
        fc.oneof(
          fc.constant('unknown' as const),
          fc.uniqueArray(fc.constantFrom<string>(...SIGNS_OF[q]), { minLength: 1, maxLength: 3 }),
        ),
      ]),
    ),
    ...Object.fromEntries(
      QUESTIONS.filter((q) => q !== 'surface' && q !== 'happened').map((q) => [
        q,
        fc.constantFrom(...SIGNS_OF[q], 'unknown'),
      ]),
    ),
  },
  { requiredKeys: [] },
);

/** There are millions of ways through; so many are gone. */
const PATHS = 3000;
const chance = chanceFrom(13);

/** What a food officer would not have kept, in words of this test's own. */
const COULD_HURT: readonly ((signs: Signs) => boolean)[] = [
  ...(['fuzz', 'spots', 'streaks', 'film', 'foreign'] satisfies Surface[]).map(
    (sign: Surface) => (s: Signs) => s.surface !== 'unknown' && !!s.surface?.includes(sign),
  ),
  ...(['cleaner', 'hardBits', 'insects', 'eggOrMilk'] satisfies Happening[]).map(
    (what: Happening) => (s: Signs) => s.happened !== 'unknown' && !!s.happened?.includes(what),
  ),
  (s) => s.liquid === 'coloured',
  (s) => s.surface === 'unknown' && s.secondLook === 'unsure',
  (s) => s.smell === 'rot' && s.cured === 'stays' && s.age === 'grown',
  (s) =>
    s.happened !== 'unknown' &&
    !!s.happened?.includes('froze') &&
    (s.glass === 'cracked' || s.glass === 'unknown'),
];

/** Ways through the questions, as somebody answers them one after the other; every first answer many times. */
const walked = (n: number): readonly [Signs, readonly QuestionId[]] => {
  const first = [...SIGNS_OF.happened, 'unknown'];
  let signs = withAnswer({}, 'happened', first[n % first.length]!);
  const asked: QuestionId[] = ['happened'];
  for (let question = nextQuestion(signs); question; question = nextQuestion(signs)) {
    const answers = [...SIGNS_OF[question], 'unknown'];
    signs = withAnswer(signs, question, answers[Math.floor(chance.even() * answers.length)]!);
    asked.push(question);
  }
  return [signs, asked];
};
/** All of them, walked when a test first asks. */
const paths = once(() => Array.from({ length: PATHS }, (_, n) => walked(n)));

describe('throwing out', () => {
  it('comes first in every combination of answers with something that could hurt', () => {
    fc.assert(
      fc.property(anySigns, (signs) => {
        const hurts = COULD_HURT.some((could) => could(signs));
        const verdict = judge(signs);
        if (hurts) {
          expect(verdict.kind).toBe('contaminated');
          expect(verdict.programme).toBeNull();
        }
      }),
      { numRuns: 4000 },
    );
  });

  it('is the end of every path on which something could hurt, and of no other but where nobody could see', () => {
    const wrong = paths().filter(([signs]) => {
      const hurts = COULD_HURT.some((could) => could(signs));
      const { kind, certainty } = judge(signs);
      return hurts ? kind !== 'contaminated' : kind === 'contaminated' && certainty !== 'guess';
    });
    expect(wrong.slice(0, 3)).toEqual([]);
  });

  it('errs to the same side for a flat film, and says it is a guess', () => {
    expect(judge({ surface: ['film'] })).toMatchObject({
      kind: 'contaminated',
      certainty: 'guess',
    });
    expect(judge({ surface: ['fuzz'] }).certainty).toBe('sure');
  });

  it('is for a rotten smell only in a grown starter that a feed did not cure, and then says it is the smell alone', () => {
    const rot: Signs = { happened: ['nothing'], surface: ['nothing'], smell: 'rot' };
    expect(judge(rot).kind).toBe('smellsRotten');
    expect(nextQuestion(rot)).toBe('age');
    expect(nextQuestion({ ...rot, age: 'grown' })).toBe('cured');
    expect(judge({ ...rot, age: 'grown', cured: 'stays' })).toMatchObject({
      kind: 'contaminated',
      certainty: 'likely',
      bySmellAlone: true,
    });
    expect(judge({ ...rot, age: 'young', cured: 'stays' }).kind).toBe('tooYoung');
    expect(judge({ ...rot, surface: ['fuzz'], age: 'grown', cured: 'stays' }).bySmellAlone).toBe(
      false,
    );
  });

  it('is not asked to death: nothing more once it has to go', () => {
    expect(nextQuestion({ happened: ['nothing'], surface: ['spots'] })).toBeNull();
    expect(nextQuestion({ happened: ['cleaner'] })).toBeNull();
  });

  it('does not take a surface for clean that nobody could judge', () => {
    const unseen: Signs = { happened: ['nothing'], surface: 'unknown' };
    expect(nextQuestion(unseen)).toBe('secondLook');
    expect(judge({ ...unseen, secondLook: 'unsure', rise: 'doubled' }).kind).toBe('contaminated');
    const rest: Signs = { smell: 'fresh', rise: 'doubled', unfed: 'hours', age: 'grown' };
    expect(judge({ ...unseen, secondLook: 'clean', ...rest })).toMatchObject({
      kind: 'fine',
      certainty: 'likely',
    });
  });

  it("tells a dark flour's own colour from streaks, and lets it go only where there is such flour", () => {
    const tinge: Signs = { happened: ['nothing'], surface: ['tinge'], smell: 'fresh' };
    expect(nextQuestion({ ...tinge })).toBe('darkFlour');
    expect(judge({ ...tinge, darkFlour: 'no' }).kind).toBe('contaminated');
    expect(judge({ ...tinge, darkFlour: 'yes', rise: 'doubled' }).kind).toBe('fine');
    expect(judge({ ...tinge, surface: ['tinge', 'streaks'], darkFlour: 'yes' }).kind).toBe(
      'contaminated',
    );
  });
});

describe('the questions', () => {
  it('end on every path, no question asked twice', () => {
    expect(paths().length).toBeGreaterThan(1000);
    expect(paths().filter(([, asked]) => new Set(asked).size !== asked.length)).toEqual([]);
    expect(Math.max(...paths().map(([, asked]) => asked.length))).toBeLessThanOrEqual(13);
  });

  it('reach every verdict', () => {
    const reached = new Set(paths().map(([signs]) => judge(signs).kind));
    expect([...reached].sort()).toEqual([...VERDICTS].sort());
  });

  it('end on no path before what could change the verdict was asked', () => {
    // Heat is asked through what happened, and what a question does not apply to is not asked.
    const open = paths().filter(([signs]) => {
      const { kind } = judge(signs);
      if (kind === 'contaminated') return false;
      return (['age', 'smell', 'rise', 'unfed', 'cured', 'heatFor', 'glass'] as const).some(
        (question) =>
          signs[question] === undefined &&
          turnsOf(signs).some((turn) => turn.question === question && turn.kind !== kind),
      );
    });
    expect(open.slice(0, 3)).toEqual([]);
  });

  it('begin with what happened, then with what could be mould', () => {
    expect(nextQuestion({})).toBe('happened');
    expect(nextQuestion({ happened: ['hot'], smell: 'fresh' })).toBe('surface');
  });

  it('are three at most for a jar with a log that nothing happened to', () => {
    const known: Signs = {
      unfed: 'days',
      stood: 'room',
      heat: 'none',
      age: 'grown',
      texture: 'usual',
      darkFlour: 'no',
    };
    const lengthOf = (answers: Signs) => {
      let signs: Signs = { ...known, happened: ['nothing'] };
      let asked = 0;
      for (;;) {
        const question = nextQuestion(signs);
        if (question === null) return asked;
        signs = { ...signs, [question]: answers[question] ?? 'unknown' };
        // Colour, amount and place of the liquid stand on one page.
        if (question !== 'amount' && question !== 'where') asked++;
      }
    };
    expect(lengthOf({ surface: ['nothing'], smell: 'fresh', rise: 'doubled' })).toBe(3);
    expect(
      lengthOf({
        surface: ['liquid'],
        liquid: 'grey',
        amount: 'film',
        where: 'top',
        smell: 'solvent',
      }),
    ).toBe(3);
    expect(lengthOf({ surface: ['nothing'], smell: 'sharp', rise: 'none' })).toBeLessThanOrEqual(3);
    expect(lengthOf({ surface: ['fuzz'] })).toBe(1);
  });

  it('go on when somebody cannot tell, and end with throwing out what nobody could see', () => {
    let signs: Signs = {};
    for (let question = nextQuestion(signs); question; question = nextQuestion(signs))
      signs = withAnswer(signs, question, 'unknown');
    expect(judge(signs)).toMatchObject({ kind: 'contaminated', certainty: 'guess' });
  });

  it('ask how hot it got after an accident, whatever the log knows of its place', () => {
    const signs = toldBeside({ heat: 'none', age: 'grown' }, { happened: ['hot'] });
    expect(signs.heat).toBeUndefined();
    expect(nextQuestion({ ...signs, surface: ['nothing'], smell: 'fresh' })).toBe('heat');
    expect(toldBeside({ heat: 'none' }, { happened: ['salt'] }).heat).toBe('none');
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
    expect(kindOf({ rise: 'none', stood: 'room', unfed: 'hours' })).toBe('waiting');
  });

  it('never calls a young starter fine: what doubled may be other microbes', () => {
    fc.assert(
      fc.property(anySigns, (signs) => {
        const { kind } = judge({ ...signs, age: 'young' });
        const soothing: VerdictKind[] = ['fine', 'waiting', 'weak', 'hungry', 'cannotTell'];
        expect(soothing).not.toContain(kind);
      }),
    );
    expect(kindOf({ age: 'young', rise: 'doubled', smell: 'fresh' })).toBe('falseRise');
  });

  it('takes heat by how hot and how long, and never calls it fine or sure after an oven', () => {
    const oven: Signs = { happened: ['hot'], rise: 'doubled', smell: 'fresh', unfed: 'hours' };
    expect(kindOf({ ...oven, heat: 'baked' })).toBe('killed');
    expect(kindOf({ ...oven, heat: 'killed', heatFor: 'hours' })).toBe('killed');
    expect(kindOf({ ...oven, heat: 'killed', heatFor: 'minutes' })).toBe('tooHot');
    expect(kindOf({ ...oven, heat: 'harmed' })).toBe('tooHot');
    expect(kindOf({ ...oven, heat: 'stalled', heatFor: 'minutes' })).toBe('fine');
    expect(kindOf({ happened: ['hotWater'], heat: 'killed', rise: 'none' })).toBe('tooHot');
    expect(judge({ ...oven, heat: 'unknown' })).toMatchObject({
      kind: 'tooHot',
      certainty: 'guess',
    });
    expect(judge({ surface: ['nothing'], ...oven, heat: 'none' }).certainty).toBe('likely');
    const liquid: Signs = { happened: ['hot'], surface: ['liquid'], liquid: 'clear', where: 'top' };
    expect(judge({ ...liquid, heat: 'none' }).certainty).not.toBe('sure');
  });

  it('has a consequence for everything that may have happened', () => {
    const expected: Readonly<Record<Happening, VerdictKind>> = {
      nothing: 'waiting',
      hot: 'tooHot',
      hotWater: 'tooHot',
      froze: 'frozen',
      tightLid: 'underPressure',
      salt: 'wrongThingIn',
      sugarOrOil: 'wrongThingIn',
      eggOrMilk: 'contaminated',
      wrongFlour: 'wrongThingIn',
      chlorine: 'wrongThingIn',
      cleaner: 'contaminated',
      hardBits: 'contaminated',
      insects: 'contaminated',
      neverDoubles: 'weak',
    };
    for (const what of SIGNS_OF.happened) {
      const verdict = judge({
        happened: [what],
        surface: ['nothing'],
        smell: 'fresh',
        rise: 'some',
        unfed: 'hours',
        stood: 'room',
        texture: 'usual',
        age: 'grown',
        glass: 'whole',
        heat: what === 'hot' || what === 'hotWater' ? 'harmed' : 'none',
      });
      expect([what, verdict.kind]).toEqual([what, expected[what]]);
    }
    expect(
      judge({ surface: ['liquid'], liquid: 'clear', rise: 'none', happened: ['salt', 'tightLid'] })
        .also,
    ).toEqual(expect.arrayContaining(['hungry', 'underPressure']));
  });

  it('is not sure of a jar that doubled and then stood for months', () => {
    expect(judge({ unfed: 'months', rise: 'doubled' })).toMatchObject({
      kind: 'neglected',
      certainty: 'likely',
    });
    expect(judge({ unfed: 'months', rise: 'none' }).certainty).toBe('sure');
  });

  it('takes a dry skin hours after a feed for a loose cover, and liquid under a thin mix for its thinness', () => {
    expect(kindOf({ surface: ['skin'], unfed: 'hours', smell: 'fresh' })).toBe('dryCover');
    expect(kindOf({ surface: ['skin'], unfed: 'days', smell: 'fresh' })).toBe('hungry');
    const liquid: Signs = { surface: ['liquid'], liquid: 'clear', unfed: 'days', smell: 'sharp' };
    expect(kindOf({ ...liquid, where: 'below', texture: 'runny' })).toBe('wrongProportion');
    expect(kindOf({ ...liquid, where: 'below', texture: 'usual' })).toBe('hungry');
    expect(kindOf({ ...liquid, where: 'top', texture: 'runny' })).toBe('hungry');
  });

  it('names a second trouble beside the first', () => {
    expect(
      judge({ surface: ['liquid'], liquid: 'clear', rise: 'none', stood: 'cool' }),
    ).toMatchObject({ kind: 'hungry', also: ['tooCold'] });
  });

  it('that rests on answers which clash is a guess and says which, and none is open without a clash', () => {
    const verdict = judge({ surface: ['liquid'], liquid: 'dark', where: 'top', unfed: 'hours' });
    expect(verdict.contradictions).toEqual([['unfed', 'liquid']]);
    expect(verdict.certainty).toBe('guess');
    expect(judge({ smell: 'rot', cured: 'gone', rise: 'doubled' }).contradictions).toEqual([]);
    expect(
      judge({ happened: ['hot'], stood: 'cold', heat: 'harmed', rise: 'doubled' }).contradictions,
    ).toEqual([]);
  });

  it('is surer when two signs agree', () => {
    expect(judge({ surface: ['nothing'], smell: 'solvent' }).certainty).toBe('likely');
    expect(judge({ surface: ['liquid'], liquid: 'grey', where: 'top' }).certainty).toBe('sure');
    expect(judge({ surface: ['nothing'], smell: 'fresh', rise: 'doubled' }).certainty).toBe('sure');
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
