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
  const mix = feed({ ...starterIn('ripe', { white: 1 }, 100, 20), celsius: 22 }, { keepG: 20, flourG: 80, waterG: 80, flour: { white: 1 } }); // prettier-ignore
  const { curve } = forecast(mix, { air: () => 22, vessel: usualVessel(180, 100), pace: USUAL_PACE }, 16); // prettier-ignore
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

  it('that hangs is doubted', () => {
    const { looks, watch } = night((at, mm) => (at > 2 * HOUR ? 85 : mm));
    expect(watch.doubt).toBe('stuck');
    expect(looks.filter(({ hours }) => hours > 6)).toHaveLength(0);
  });

  it('that came hours after the feed knows no band', () => {
    let watch = watchFeed(0);
    for (let i = 0; i < 9; i++)
      watch = lidRead(watch, { at: 2 * HOUR + i * MINUTE, mm: 80 }, FLOOR, 1.4).watch;
    expect(watch.doubt).toBe('late');
    expect(watch.bandMm).toBeNull();
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
