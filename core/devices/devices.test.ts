import fc from 'fast-check';

import { type OnTheScale, type Post, takePost, isPoured, nothingWeighed, playedScale, portionOn, slackOf, weighedOn } from '.'; // oxfmt-ignore

/** A played scale at the bench, with what the bench makes of its numbers. */
function bench(seed: number, without: number | null = null) {
  const scale = playedScale(seed);
  let state: OnTheScale = nothingWeighed(without);
  let now = 0;
  const pass = (seconds: number) => {
    now += 1000 * seconds;
    for (const { at, grams, off } of scale.step(1000 * seconds))
      if (!off) state = weighedOn(state, { at, grams });
    return state;
  };
  return {
    scale,
    pass,
    get state() {
      return state;
    },
    get now() {
      return now;
    },
    anew: (from: number | null = null) => (state = nothingWeighed(from)),
  };
}

describe('a scale at the bench', () => {
  it.each([1, 2, 3, 4, 5, 6, 7, 8])('finds what was poured, whatever stood on it (%i)', (seed) => {
    const { scale, pass } = bench(seed);
    scale.put(350 + seed);
    pass(4);
    scale.pour(83, 12);
    pass(11);
    expect(pass(2).portionG).toBeGreaterThan(81.4);
    expect(pass(0.1).portionG).toBeLessThan(84.6);
  });

  it('does not go on while somebody pours, and does once it rests in range', () => {
    const at = bench(11);
    at.scale.put(300);
    at.pass(4);
    at.scale.pour(80, 8);
    for (let second = 0; second < 9; second++) expect(isPoured(at.pass(1), 80, at.now)).toBe(false);
    at.pass(5);
    expect(isPoured(at.state, 80, at.now)).toBe(true);
    expect(isPoured(at.state, 120, at.now)).toBe(false);
    expect(isPoured(at.state, 70, at.now)).toBe(false);
  });

  it('is set to nought before a portion, and counts from there', () => {
    const at = bench(12);
    at.scale.put(300);
    at.pass(4);
    at.scale.tare();
    at.pass(4);
    at.scale.pour(40, 10);
    expect(Math.abs(at.pass(9).portionG - 40)).toBeLessThan(1.6);
  });

  it('takes a jar that was lifted for no portion, and goes on when it is back', () => {
    const at = bench(13);
    at.scale.put(300);
    at.pass(4);
    at.scale.pour(40, 10);
    at.pass(9);
    at.scale.put(-340);
    at.pass(4);
    expect(at.state.lifted).toBe(true);
    expect(Math.abs(portionOn(at.state) - 40)).toBeLessThan(1.6);
    at.scale.put(340);
    at.pass(4);
    expect(at.state.lifted).toBe(false);
    expect(Math.abs(at.state.portionG - 40)).toBeLessThan(1.6);
  });

  it('that fell silent while it still moved counts on from what it showed last', () => {
    const shows = (state: OnTheScale, from: number, grams: readonly number[]) =>
      grams.reduce((s, g, i) => weighedOn(s, { at: from + 200 * i, grams: g }), state);
    const empty = shows(nothingWeighed(), 0, [412, 412, 412, 412, 412]);
    // Cut off in the middle of pouring, before it rested.
    const cut = shows(empty, 1000, [418, 425, 431, 437]);
    expect(cut.portionG).toBe(0);
    const back = shows(cut, 20_000, [437, 437, 437, 437, 437]);
    expect(portionOn(back)).toBeCloseTo(25, 6);
    // Or it counts from nought again, with the jar on it.
    const anew = shows(cut, 20_000, [0, 0, 0, 0, 0]);
    expect(portionOn(anew)).toBeCloseTo(25, 6);
  });

  describe('that was out of reach for ten seconds', () => {
    /** Each number is shown for two seconds; null is a silence. */
    const after = (numbers: readonly (number | null)[], without: number | null = null) => {
      let at = 0;
      let state = nothingWeighed(without);
      for (const grams of numbers) {
        if (grams === null) at += 10_000;
        else for (let i = 0; i < 10; i++) state = weighedOn(state, { at: (at += 200), grams });
      }
      return state;
    };

    it.each([
      ['nothing happened', [412, 437, null, 437], 25],
      ['more was poured', [412, 437, null, 487], 75],
      ['some was spooned out', [412, 437, null, 427], 15],
      ['more was poured, the scale at nought', [0, 25, null, 75], 75],
      ['some was spooned out, the scale at nought', [0, 25, null, 15], 15],
      ['it was switched on anew', [412, 437, null, 0], 25],
      ['it was switched on anew, and more came', [412, 437, null, 0, 30], 55],
      ['it was switched on anew, set to nought before', [0, 25, null, 0, 20], 45],
      ['the jar was off and came back', [412, 437, null, 0, 437], 25],
      ['the jar was off and came back fuller', [412, 437, null, 0, 447], 35],
      ['it was lost twice', [412, 437, null, 440, null, 462], 50],
      ['it was lost before anything came', [412, null, 437], 25],
      ['it was lost before it had rested', [null, 412, 437], 25],
    ] as const)('%s', (_, numbers, grams) => {
      expect(portionOn(after(numbers))).toBeCloseTo(grams, 6);
      expect(after(numbers).lifted).toBe(false);
    });

    it('and the jar is off', () => {
      const state = after([0, 25, null, -412]);
      expect(state.lifted).toBe(true);
      expect(portionOn(state)).toBe(25);
      expect(after([0, 25, null, -412, 25]).lifted).toBe(false);
    });

    it('knows the jar and what is in it, where that is said', () => {
      expect(portionOn(after([430, null, 437], 412))).toBe(25);
      expect(portionOn(after([437], 412))).toBe(25);
    });
  });

  it('leans on no number from before it had settled', () => {
    const shown = [348, 349, 349, 349, 350, 350, 350, 350, 350, 350, 350, 350, 350, 350];
    const state = [...shown, ...Array<number>(8).fill(375)].reduce(
      (s, grams, i) => weighedOn(s, { at: 200 * i, grams }),
      nothingWeighed(),
    );
    expect(state.portionG).toBe(25);
  });

  it('that switched itself off in the middle knows what was in when it is on again', () => {
    const at = bench(14);
    at.scale.put(300);
    at.pass(4);
    at.scale.pour(40, 10);
    at.pass(8);
    at.pass(140);
    expect(at.scale.isOn).toBe(false);
    at.scale.switchOn();
    at.pass(4);
    expect(Math.abs(at.state.portionG - 40)).toBeLessThan(1.6);
    at.scale.pour(30, 10);
    expect(Math.abs(at.pass(8).portionG - 70)).toBeLessThan(2);
  });

  it('is not misled by a knock', () => {
    const at = bench(15);
    at.scale.put(300);
    at.pass(4);
    at.scale.pour(60, 10);
    at.pass(9);
    at.scale.knock();
    at.pass(3);
    expect(Math.abs(at.state.portionG - 60)).toBeLessThan(1.6);
  });

  it('with the jar counts from what the jar and its content weigh', () => {
    const at = bench(16, 320);
    at.scale.put(320);
    at.pass(4);
    at.scale.pour(80, 10);
    expect(Math.abs(at.pass(12).portionG - 80)).toBeLessThan(1.6);
  });
});

describe('when a portion is in', () => {
  const at = (portionG: number, over: Partial<OnTheScale> = {}): OnTheScale => ({
    ...nothingWeighed(0),
    rests: portionG,
    since: 0,
    portionG,
    ...over,
  });

  it.each([
    ['as asked, and it has rested', at(100), 100, 1200, true],
    ['a fiftieth less', at(98), 100, 1200, true],
    ['a fiftieth more', at(102), 100, 1200, true],
    ['more than that off', at(97.9), 100, 5000, false],
    ['and over', at(102.1), 100, 5000, false],
    ['of a little, a gram off', at(11), 10, 1200, true],
    ['of a little, more', at(11.1), 10, 5000, false],
    ['hardly rested', at(100), 100, 1199, false],
    ['still moving', at(100, { rests: null, since: null }), 100, 5000, false],
    ['the jar off', at(100, { lifted: true }), 100, 5000, false],
    // Of a single gram nothing at all would do by the gram it may be off.
    ['nothing of hardly anything', at(0), 1, 5000, false],
    ['half of hardly anything', at(0.5), 1, 5000, false],
    ['most of hardly anything', at(0.6), 1, 5000, true],
  ])('%s', (_, state, wanted, now, is) => {
    expect(isPoured(state, wanted, now)).toBe(is);
  });

  it('may be a fiftieth off, and a gram of little', () => {
    expect([5, 50, 100, 400].map(slackOf)).toEqual([1, 1, 2, 8]);
  });
});

describe('what a scale shows', () => {
  /** Numbers a fifth of a second apart. */
  const shows = (numbers: readonly number[], without: number | null = null, every = 200) =>
    numbers.reduce(
      (state, grams, i) => weighedOn(state, { at: every * i, grams }),
      nothingWeighed(without),
    );
  const times = (grams: number, n = 12) => Array<number>(n).fill(grams);

  it('is rest after four numbers in more than half a second, no further apart than a gram', () => {
    expect(shows(times(412, 3)).rests).toBeNull();
    expect(shows(times(412, 4)).rests).toBe(412);
    expect(shows(times(412, 4), null, 199).rests).toBeNull();
    expect(shows([412, 413, 412, 413]).rests).toBe(412.5);
    expect(shows([412, 414, 412, 413]).rests).toBeNull();
    // Of the last second alone.
    expect(shows([300, ...times(412, 5)]).rests).toBe(412);
  });

  it('counts from nought once it was set so, and from before when that was a mistake', () => {
    const tared = shows([...times(412), ...times(0)]);
    expect(tared).toMatchObject({ without: 0, former: 412, portionG: 0, lifted: false });
    expect(shows([...times(412), ...times(0), ...times(25)]).portionG).toBe(25);
    expect(shows([...times(412), ...times(0), ...times(411)])).toMatchObject({ without: 411, former: null, portionG: 0 }); // oxfmt-ignore
    // With a portion on it nought is a jar that was lifted.
    expect(shows([...times(412), ...times(437), ...times(0)])).toMatchObject({ lifted: true, portionG: 25 }); // oxfmt-ignore
    // A jar that is lighter by what hangs on a spoon is not.
    expect(shows([...times(412), ...times(409)]).lifted).toBe(false);
    expect(shows([...times(412), ...times(408)]).lifted).toBe(true);
  });

  it('on an empty scale nought is nothing new', () => {
    expect(shows([...times(1), ...times(0)]).former).toBeNull();
    expect(shows([...times(5), ...times(0)], 5).former).toBeNull();
    expect(shows([...times(7), ...times(0)], 7).former).toBe(7);
  });

  it('is taken again for two seconds where it was taken from a rest, and by no more than two grams', () => {
    // It leans by a gram on its way to rest; after that a gram is a gram.
    expect(shows([...times(411, 5), ...times(412)]).without).toBeCloseTo(412, 6);
    expect(shows([...times(411, 20), ...times(412)])).toMatchObject({ without: 411, portionG: 1 });
    expect(shows([...times(411, 5), ...times(414)])).toMatchObject({ without: 411, portionG: 3 });
    // What is known is not taken from anywhere.
    expect(shows(times(413), 412)).toMatchObject({ without: 412, portionG: 1 });
  });
});

describe('what a device posts', () => {
  const post = (readings: Post['readings'], to: Partial<Post> = {}): Post => ({
    device: 'scale-1',
    kind: 'scale',
    readings,
    ...to,
  });

  it('is put in order by its numbers, each of them once', () => {
    const first = takePost(post([{ seq: 3, grams: 3 }, { seq: 1, grams: 1 }, { seq: 3, grams: 9 }]), null, 1000); // oxfmt-ignore
    expect(first.readings.map((reading) => (reading as { grams: number }).grams)).toEqual([1, 3]);
    expect(first.late).toBe(1);
    const next = takePost(
      post([
        { seq: 2, grams: 2 },
        { seq: 4, grams: 4 },
      ]),
      first.known,
      2000,
    );
    expect(next.readings).toHaveLength(1);
    expect(next.late).toBe(1);
  });

  it('begins anew with another start of the device', () => {
    const before = takePost(post([{ seq: 900, grams: 1 }], { boot: 'a' }), null, 0).known;
    expect(takePost(post([{ seq: 0, grams: 2 }], { boot: 'b' }), before, 1).readings).toHaveLength(
      1,
    );
    expect(takePost(post([{ seq: 0, grams: 2 }], { boot: 'a' }), before, 1).readings).toHaveLength(
      0,
    );
  });

  it('has the hub’s hours, however wrong its own clock is', () =>
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 4e12 }),
        fc.array(fc.integer({ min: 1, max: 5000 }), { minLength: 1, maxLength: 30 }),
        (clock, steps) => {
          let at = clock;
          const readings = steps.map((step, seq) => ({ seq, at: (at += step), grams: 1 }));
          const found = takePost(post(readings), null, 5e12).readings.map((reading) => reading.at);
          expect(found.at(-1)).toBe(5e12);
          const apart = found.slice(1).map((here, i) => here - found[i]!);
          expect(apart).toEqual(steps.slice(1));
        },
      ),
    ));
});
