import { USUAL_PACE, feed, forecast, heightAt, starterIn, usualVessel } from '../ferment';
import { chanceFrom } from '../measure/chance';
import { HOUR, MINUTE } from '../measure';
import { type LidWatch, intoHour, lidRead, playedLid, playedThermometer, watchFeed } from '.';

describe('a thermometer’s hours', () => {
  it('are the mean of each, when it is over', () => {
    let now: Parameters<typeof intoHour>[0] = null;
    const ended: { hour: number; celsius: number }[] = [];
    for (let minute = 0; minute < 200; minute += 5) {
      const step = intoHour(now, 100 * HOUR + minute * MINUTE, 20 + Math.floor(minute / 60));
      now = step.now;
      if (step.ended) ended.push(step.ended);
    }
    expect(ended).toEqual([
      { hour: 100, celsius: 20 },
      { hour: 101, celsius: 21 },
      { hour: 102, celsius: 22 },
    ]);
  });

  it('are left out where it was hardly heard', () => {
    const first = intoHour(null, 5 * HOUR + 50 * MINUTE, 20).now;
    expect(intoHour(first, 6 * HOUR + MINUTE, 21).ended).toBeNull();
    // A clock that goes back ends nothing.
    const long = intoHour(first, 5 * HOUR + 59 * MINUTE, 20).now;
    expect(intoHour({ ...long, from: 5 * HOUR }, 4 * HOUR, 21).ended).toBeNull();
  });
});

const FLOOR = 120;
const BAND = 30;

/** A night under a lid: heights of the model, a sensor that wavers, and what is done to it. */
function night(of: (at: number, mm: number) => number = (_, mm) => mm) {
  const mix = feed({ ...starterIn('ripe', { white: 1 }, 100, 20), celsius: 22 }, { keepG: 20, flourG: 80, waterG: 80, flour: { white: 1 } }); // oxfmt-ignore
  const { curve } = forecast(mix, { air: () => 22, vessel: usualVessel(180, 100), pace: USUAL_PACE }, 16); // oxfmt-ignore
  const chance = chanceFrom(4);
  let watch: LidWatch = watchFeed(0);
  const looks: { hours: number; height: number; truth: number }[] = [];
  const doubts = new Set<string>();
  for (let at = MINUTE; at < 14 * HOUR; at += MINUTE) {
    const truth = heightAt(curve, at / HOUR);
    const mm = of(at, FLOOR - BAND * truth + 0.3 * chance.normal());
    const read = lidRead(watch, { at, mm }, FLOOR, truth);
    watch = read.watch;
    if (watch.doubt) doubts.add(watch.doubt);
    if (read.height !== null) looks.push({ hours: at / HOUR, height: read.height, truth });
  }
  return { looks, doubts, watch };
}

describe('a lid over a night', () => {
  it('logs looks by itself, few of them, and near the truth', () => {
    const { looks, doubts } = night();
    expect(looks.length).toBeGreaterThan(10);
    expect(looks.length).toBeLessThan(45);
    for (const { height, truth } of looks) expect(Math.abs(height - truth)).toBeLessThan(0.06);
    expect(doubts.size).toBe(0);
  });

  it('that was knocked is doubted until it is back', () => {
    const { looks, doubts, watch } = night((at, mm) =>
      at > 5 * HOUR && at < 5.4 * HOUR ? mm + 25 : mm,
    );
    expect([...doubts]).toEqual(['jumped']);
    expect(watch.doubt).toBeNull();
    for (const { height, truth } of looks) expect(Math.abs(height - truth)).toBeLessThan(0.12);
    expect(looks.some(({ hours }) => hours > 5.05 && hours < 5.4)).toBe(false);
    expect(looks.some(({ hours }) => hours > 7)).toBe(true);
  });

  it('that was put back elsewhere is not believed any more', () => {
    const { looks, watch } = night((at, mm) => (at > 5 * HOUR ? mm - 40 : mm));
    expect(watch.doubt).toBe('jumped');
    expect(looks.every(({ hours }) => hours < 5.1)).toBe(true);
  });
});

describe('what a lid makes of a level', () => {
  type Read = readonly [minute: number, level: number, expected?: number];
  /** Levels above the floor in millimetres, each five times over; the band is at 50. */
  const after = (reads: readonly Read[]) => {
    let watch = watchFeed(0);
    const heights: (readonly [number, number])[] = [];
    for (const [minute, level, expected = level / 50] of reads)
      for (let i = 0; i < 5; i++) {
        const read = lidRead(watch, { at: minute * MINUTE, mm: FLOOR - level }, FLOOR, expected);
        watch = read.watch;
        if (read.height !== null) heights.push([minute, read.height]);
      }
    return { watch, heights };
  };
  const BEGUN: Read = [1, 50];

  it('is the band’s until three quarters of an hour after the feed', () => {
    expect(after([[45, 50]]).watch).toMatchObject({ bandMm: 50, doubt: null });
    expect(after([[45.1, 50]]).watch).toMatchObject({ bandMm: null, doubt: 'late' });
    // Below the floor there is no mix.
    expect(after([[1, 0]]).watch).toMatchObject({ bandMm: null, doubt: 'late' });
    expect(after([[1, 0.5]]).watch.bandMm).toBe(0.5);
  });

  it('is told when it changed by a sixteenth within a quarter of an hour, or a little in an hour and a half', () => {
    expect(after([BEGUN, [16, 53]]).heights).toEqual([[16, 1.06]]);
    expect(after([BEGUN, [15, 53]]).heights).toEqual([]);
    expect(after([BEGUN, [16, 52.9]]).heights).toEqual([]);
    expect(after([BEGUN, [91, 51]]).heights).toEqual([[91, 1.02]]);
    expect(after([BEGUN, [90, 51]]).heights).toEqual([]);
    expect(after([BEGUN, [91, 50.9]]).heights).toEqual([]);
    // From what was told last.
    expect(after([BEGUN, [16, 53], [30, 58]]).heights).toHaveLength(1);
    expect(after([BEGUN, [16, 53], [31, 58]]).heights).toHaveLength(2);
    // It falls as well.
    expect(after([BEGUN, [16, 53], [40, 49]]).heights.at(-1)).toEqual([40, 0.98]);
  });

  it('is a jump where it is a fifth off within five minutes, against where it should be', () => {
    expect(after([BEGUN, [6, 60.1, 1]]).watch.doubt).toBe('jumped');
    expect(after([BEGUN, [6, 60, 1]]).watch.doubt).toBeNull();
    expect(after([BEGUN, [6, 39.9, 1]]).watch.doubt).toBe('jumped');
    // As it should, it may.
    expect(after([BEGUN, [6, 62, 1.24]]).watch.doubt).toBeNull();
  });

  it('is believed again when it is back, near where it would be by now', () => {
    const jumped: readonly Read[] = [BEGUN, [6, 90, 1]];
    expect(after([...jumped, [60, 56, 1]]).watch.doubt).toBeNull();
    expect(after([...jumped, [60, 56.1, 1]]).watch.doubt).toBe('jumped');
    expect(after([...jumped, [60, 80, 1.5]]).watch.doubt).toBeNull();
    expect(after([...jumped, [60, 90, 1]]).heights).toEqual([]);
  });

  it('hangs when it has not moved for three hours that should have moved it', () => {
    const still = (minutes: number, expected: number, level = 50) =>
      after([BEGUN, [60, 50, 1], [minutes, level, expected]]).watch.doubt;
    expect(still(181, 1.35)).toBe('stuck');
    expect(still(180, 1.35)).toBeNull();
    expect(still(181, 1.34)).toBeNull();
    expect(still(181, 1.35, 50.5)).toBeNull();
    expect(still(181, 1.35, 50.3)).toBe('stuck');
    expect(after([BEGUN, [60, 50, 1], [181, 50, 1.35]]).heights).toEqual([]);
  });
});

describe('played', () => {
  it('a thermometer follows its room slowly, and remembers how far it went', () => {
    const played = playedThermometer(5, 20);
    played.step(60_000);
    played.room(28);
    const [first] = played.step(2000);
    expect(first!.celsius).toBeLessThan(21);
    const last = played.step(15 * MINUTE).at(-1)!;
    expect(Math.abs(last.celsius - 28)).toBeLessThan(0.4);
    expect(last.min).toBeLessThan(20.3);
    expect(last.max).toBeGreaterThan(27.6);
  });

  it('a lid sees the surface, and what is done to it', () => {
    const played = playedLid(6, 90);
    const mm = () => played.step(2000)[0]!.mm;
    expect(Math.abs(mm() - 90)).toBeLessThan(2);
    played.surface(60);
    expect(Math.abs(mm() - 60)).toBeLessThan(2);
    played.knocked(40);
    expect(Math.abs(mm() - 100)).toBeLessThan(2);
    played.knocked(0);
    const hung = mm();
    played.hang(true);
    played.surface(20);
    expect(mm()).toBe(hung);
    played.hang(false);
    expect(Math.abs(mm() - 20)).toBeLessThan(2);
  });
});
