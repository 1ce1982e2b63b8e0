import { act, screen, waitFor } from '@testing-library/react';
import { getDocumentAsync } from 'expo-document-picker';

import { selectJarEvents, selectJars, undoNotice } from '@state';

import { PLACES, iso, kitchenStore, show, tern, touch, type, went } from '../../tests/kitchen';
import { NotesScreen } from './NotesScreen';

jest.mock('expo-document-picker', () => ({ getDocumentAsync: jest.fn() }));
jest.mock('../../workers/read', () => jest.requireActual('../../tests/readers'));

const press = (name: string | RegExp) => touch('button', name);
const own = () => kitchenStore([...PLACES, tern()]);
const day = (back: number) => iso(-24 * back).slice(0, 10);

async function choose(text: string, button = 'Choose the file') {
  const file = { name: 'notes.csv', size: text.length, text: () => Promise.resolve(text) };
  jest
    .mocked(getDocumentAsync)
    .mockResolvedValueOnce({ canceled: false, assets: [{ file }] } as never);
  await press(button);
  await waitFor(() => expect(screen.queryByText('Reading the file …')).toBeNull());
}
describe('notes from a table', () => {
  it('are looked at, go to the jars they name and to new ones, and are taken back as one', async () => {
    const store = own();
    const before = store.getState().kitchen.events.length;
    show(<NotesScreen />, store);
    await choose(
      `Date,Starter,Kept g,Flour g,Water g,Notes\n${[9, 8, 7].map((back) => `${day(back)} 09:00,Puffin,20,80,80,`).join('\n')}\n${day(6)} 09:00,Tern,25,75,75,lively`,
    );
    expect(screen.getByText(/^5 entries, /)).toBeVisible();
    expect(screen.getAllByText(/^Puffin, .*: fed: keep 20, water 80, flour 80 g/)).toHaveLength(3);
    expect(store.getState().kitchen.events).toHaveLength(before);
    await press('Take in 5 entries');
    expect(went).toContain('/journal');
    const names = () =>
      selectJars(store.getState())
        .map(({ card }) => card.name)
        .sort();
    expect(names()).toEqual(['Puffin', 'Tern']);
    expect(selectJars(store.getState()).find(({ card }) => card.name === 'Puffin')!.feeds).toBe(3);
    act(() => void store.dispatch(undoNotice()));
    expect(names()).toEqual(['Tern']);
  });

  it('go nowhere where they are not wanted, and are read otherwise', async () => {
    const store = own();
    show(<NotesScreen />, store);
    await choose(`date,what I fed,water\n3/4/2026,70,70\n3/5/2026,70,70`);
    // Of no name, they go to the jar that is here.
    expect(screen.getByRole('radio', { name: 'Tern' })).toBeChecked();
    expect(screen.getAllByText(/flour 0 g/).length).toBeGreaterThan(0);
    await touch('radio', 'let me choose');
    const flour = screen.getByRole('radiogroup', { name: 'Flour is in', hidden: true });
    expect(flour).toBeVisible();
    await type('Kept at a feed, where it does not say', '30');
    await waitFor(() => expect(screen.getAllByText(/keep 30/).length).toBeGreaterThan(0));
    await touch('radio', 'nowhere');
    const button = screen.getByRole('button', { name: 'Take in 0 entries' });
    expect(button).toBeDisabled();
    expect(selectJarEvents(store.getState(), 'tern').filter(({ kind }) => kind === 'fed')).toEqual(
      [],
    );
  });

  it('that are here already come only once, and what is no table is refused', async () => {
    const store = own();
    show(<NotesScreen />, store);
    await choose('a letter');
    expect(screen.getByText(/Nothing was changed\.$/)).toBeVisible();
    const text = `date,jar,keep,flour,water\n${day(3)} 09:00,Tern,20,80,80\n${day(2)} 09:00,Tern,20,80,80\nsome day,Tern,20,80,80`;
    await choose(text);
    expect(screen.getByText(/^Line 4, column 1 \(date\), “some day”/)).toBeVisible();
    await press('Take in the 2 that can be read');
    await choose(text, 'Choose another file');
    expect(screen.getByText('All of it is in the journal already.')).toBeVisible();
  });
});
