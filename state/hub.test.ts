import { type Reading } from '@core/devices/contract';

import { type Line } from './door/hub';
import { hearReadings, hubNow, setHubKey, watchHub } from './hub';

/** Lines that were taken up, each with the key it was taken up with; a test plays the hub's end. */
const mockLines: (Line & { readonly key: string; up: boolean })[] = [];
let mockKept: string | null = null;
/** How long the next readings of the key take, ms; those after them take no time. */
const mockSlow: number[] = [];
/** Tells this tab what another one did. Known already while the module under test begins. */
// oxlint-disable-next-line no-var -- the mock is called before this line is reached
var mockTell: () => void;

jest.mock('./door/hub', () => ({
  listen: (key: string, line: Line) => {
    const mine = { ...line, key, up: true };
    mockLines.push(mine);
    return () => {
      mine.up = false;
    };
  },
}));
jest.mock('./door/hubKey', () => ({
  readHubKey: () => {
    const [slow] = mockSlow.splice(0, 1);
    if (slow === undefined) return Promise.resolve(mockKept);
    return new Promise((resolve) => setTimeout(() => resolve(mockKept), slow));
  },
  keepHubKey: (key: string | null) => {
    mockKept = key;
    return Promise.resolve();
  },
}));
jest.mock('./door/tabs', () => ({
  tellOfHub: () => undefined,
  whenHubIsTold: (told: () => void) => (mockTell = told),
}));

const reading = (grams: number): Reading => ({
  device: 'scale-1',
  name: 'Kitchen scale',
  kind: 'scale',
  at: 0,
  grams,
});
const up = () => mockLines.filter((line) => line.up);
const settled = () => jest.advanceTimersByTimeAsync(1);

let stop: () => void = () => undefined;
beforeEach(async () => {
  jest.useFakeTimers();
  mockKept = null;
  await setHubKey(null);
  mockLines.length = 0;
});
afterEach(async () => {
  stop();
  await jest.advanceTimersByTimeAsync(60_000);
  jest.useRealTimers();
});

describe('the line to the hub', () => {
  it('is taken up with the key that is set while somebody looks for one, and says that it is live', async () => {
    // As on a page that is opened by the server’s own link: it looks for a key and is given one in the same moment.
    mockSlow.push(10, 50);
    stop = watchHub(() => undefined);
    const set = setHubKey('first-key');
    await jest.advanceTimersByTimeAsync(20);
    for (const line of up()) line.onOpen([]);
    await jest.advanceTimersByTimeAsync(100);
    await set;
    for (const line of mockLines.slice(1)) line.onOpen([]);
    expect(up().map(({ key }) => key)).toEqual(['first-key']);
    expect(hubNow()).toMatchObject({ key: 'first-key', line: 'live' });
  });

  it('is one, however many watch, and outlives the way from one page to the next', async () => {
    await setHubKey('first-key');
    stop = watchHub(() => undefined);
    const other = watchHub(() => undefined);
    await settled();
    expect(up()).toHaveLength(1);
    stop();
    other();
    await jest.advanceTimersByTimeAsync(2000);
    stop = watchHub(() => undefined);
    await settled();
    expect(mockLines).toHaveLength(1);
    stop();
    await jest.advanceTimersByTimeAsync(10_000);
    expect(up()).toEqual([]);
  });

  it('that is refused is tried again by itself', async () => {
    await setHubKey('first-key');
    stop = watchHub(() => undefined);
    await settled();
    up()[0]!.onBroken(true);
    expect(hubNow().line).toBe('refused');
    expect(up()).toEqual([]);
    await jest.advanceTimersByTimeAsync(5000);
    up()[0]!.onOpen([reading(412)]);
    expect(hubNow().line).toBe('live');
    expect(hubNow().devices.get('scale-1')).toMatchObject({ grams: 412 });
  });

  it('passes on what comes, but not what was said before it was up', async () => {
    await setHubKey('first-key');
    const heard: number[] = [];
    const deaf = hearReadings((one) => heard.push((one as { grams: number }).grams));
    stop = watchHub(() => undefined);
    await settled();
    up()[0]!.onOpen([reading(1)]);
    up()[0]!.onReadings([reading(2), reading(3)]);
    deaf();
    up()[0]!.onReadings([reading(4)]);
    expect(heard).toEqual([2, 3]);
    expect(hubNow().devices.get('scale-1')).toMatchObject({ grams: 4 });
  });

  it('goes over to the key that another tab was given, and ends when that tab leaves', async () => {
    await setHubKey('first-key');
    stop = watchHub(() => undefined);
    await settled();
    mockKept = 'second-key';
    mockTell();
    await settled();
    expect(up().map(({ key }) => key)).toEqual(['second-key']);
    mockKept = null;
    mockTell();
    await settled();
    expect(up()).toEqual([]);
    expect(hubNow()).toMatchObject({ key: null, line: 'none' });
  });
});
