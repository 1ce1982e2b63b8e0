import { screen, waitFor, within } from '@testing-library/react';

import { type JournalEvent, placesOf } from '@core/journal';
import { kitchenTime } from '@core/measure';
import { feedHistory } from '@core/calibrate/feedHistory';
import { saveFile } from '@kit';

import { PLACES, iso, kitchenStore, show, tern, touch } from '../../tests/kitchen';
import { ChartsScreen } from './ChartsScreen';
import { YearScreen } from './YearScreen';

type History = Parameters<typeof feedHistory>[0];
jest.mock('../../workers/fit', () => ({
  inFitWorker: (act: (work: object) => unknown) =>
    act({
      history: (events: History, places: Parameters<typeof placesOf>[0], zones: never) =>
        Promise.resolve(mockHistory(events, places, zones)),
    }),
}));
const mockHistory = (events: History, places: Parameters<typeof placesOf>[0], zones: never) =>
  feedHistory(events, { places: placesOf(places), time: kitchenTime(zones) });
jest.mock('../../kit/platform/saveFile.web', () => ({ saveFile: jest.fn() }));

const press = (name: string | RegExp) => touch('button', name);
const fed = (jar: string, back: number): readonly JournalEvent[] => [
  {
    kind: 'fed',
    id: `${jar} ${back}`,
    jar,
    at: iso(-24 * back),
    keepG: 20,
    flourG: 80,
    waterG: 80,
    flour: { white: 1 },
  },
  ...[0.5, 1.2].map((rise, i): JournalEvent => ({
    kind: 'looked',
    id: `${jar} ${back} ${rise}`,
    jar,
    at: iso(-24 * back + 4 + 4 * i),
    height: 1 + rise,
  })),
];
const kitchen = () =>
  kitchenStore([
    ...PLACES,
    { ...tern(), at: iso(-24 * 40) },
    ...[12, 10, 8, 6, 4, 2].flatMap((back) => fed('tern', back)),
  ]);

describe('charts', () => {
  it('say in words what they draw, show it as a table, and go out as a file', async () => {
    show(<ChartsScreen />, kitchen());
    await waitFor(() => expect(screen.getByText(/^Tern: doubled 6 times/)).toBeVisible());
    await press('Time to double as a table');
    const table = within(screen.getByRole('table', { name: 'Time to double', hidden: true }));
    // Between + 50 % at four hours and + 120 % at eight.
    expect(table.getAllByText('6.9')).toHaveLength(6);
    await press('Time to double as a picture');
    await press('Save Time to double as CSV');
    await waitFor(() => expect(saveFile).toHaveBeenCalled());
    const [name, csv] = jest.mocked(saveFile).mock.lastCall!;
    expect(name).toBe('ombrello-doubling.csv');
    expect(String(csv).split('\r\n')).toHaveLength(7);
    expect(screen.getByText(/^Tern: 6 feeds in \w+ weeks?, about|^Tern: 6 feeds in/)).toBeVisible();
  });

  it('teach what belongs there while nothing was seen', async () => {
    show(<ChartsScreen />, kitchenStore([...PLACES, tern()]));
    await waitFor(() => expect(screen.getByText('Nobody saw Tern double yet.')).toBeVisible());
    expect(screen.queryByRole('button', { name: /as a table/ })).toBeNull();
  });

  it('lead to a first starter, or to the demo, where there is none', () => {
    show(<ChartsScreen />, kitchenStore([]));
    expect(screen.getByText(/it is drawn here once you have logged a few looks/)).toBeVisible();
    expect(screen.getByRole('link', { name: 'Add a starter' })).toBeVisible();
    expect(screen.getByRole('button', { name: 'Look at the demo' })).toBeVisible();
  });
});

describe('a year on paper', () => {
  it('has a page for each jar that was fed, and says so where none was', () => {
    show(<YearScreen />, kitchen());
    expect(screen.getByText(/^Fed 6 times, with 480 g of flour/)).toBeVisible();
    expect(screen.getByRole('button', { name: 'Print it' })).toBeVisible();
  });

  it('of a kitchen that fed nothing teaches', () => {
    show(<YearScreen />, kitchenStore([...PLACES, tern()]));
    expect(screen.getByText('Nothing was fed in that time.')).toBeVisible();
  });
});
