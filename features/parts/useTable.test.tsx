import { act, renderHook, waitFor } from '@testing-library/react';
import { type ReactNode } from 'react';
import { Provider } from 'react-redux';

import { kitchenStore } from '../../tests/kitchen';
import { chooseFile } from './chooseFile';
import { useTable } from './useTable';

jest.mock('./chooseFile', () => ({ chooseFile: jest.fn() }));

interface Asked {
  readonly weights: 'grams' | 'ounces';
  readonly keepG: number;
}

/** A table whose readings come back when the test says so, in whatever order. */
async function aTable() {
  const file = { name: 'notes.csv', size: 4, text: () => Promise.resolve('text') };
  jest.mocked(chooseFile).mockResolvedValue(file as never);
  const waiting: { readonly asked: Asked; readonly answer: (failed?: string) => Promise<void> }[] =
    [];
  const read = (_: string, __: unknown, asked: Asked) =>
    new Promise<Asked>((resolve, reject) => {
      waiting.push({
        asked,
        answer: (failed) =>
          act(async () => {
            if (failed) reject(new Error(failed));
            else resolve(asked);
            await Promise.resolve();
          }),
      });
    });
  const store = kitchenStore();
  const wrapper = ({ children }: { readonly children: ReactNode }) => (
    <Provider store={store}>{children}</Provider>
  );
  const { result } = renderHook(
    () => useTable<Asked, Asked>(read, { weights: 'grams', keepG: 20 }),
    { wrapper },
  );
  act(() => void result.current.choose());
  await waitFor(() => expect(waiting).toHaveLength(1));
  return { result, waiting, ask: (to: Partial<Asked>) => act(() => void result.current.ask(to)) };
}

describe('a table that is asked about again while it is read', () => {
  it('is in the end as it was asked for last, with all that was asked before', async () => {
    const { result, waiting, ask } = await aTable();
    await waiting[0]!.answer();
    ask({ weights: 'ounces' });
    ask({ keepG: 30 });
    expect(result.current.busy).toBe(true);
    await waiting[2]!.answer();
    await waiting[1]!.answer();
    expect(result.current.table).toEqual({ weights: 'ounces', keepG: 30 });
    expect(result.current.busy).toBe(false);
  });

  it('is not troubled by what went wrong with an older question', async () => {
    const { result, waiting, ask } = await aTable();
    await waiting[0]!.answer();
    ask({ keepG: 1 });
    ask({ keepG: 30 });
    await waiting[1]!.answer('No.');
    expect(result.current).toMatchObject({ problem: null, busy: true });
    await waiting[2]!.answer();
    expect(result.current).toMatchObject({ problem: null, busy: false, table: { keepG: 30 } });
  });

  it('that was left does not come back', async () => {
    const { result, waiting } = await aTable();
    act(() => result.current.leave());
    await waiting[0]!.answer();
    expect(result.current).toMatchObject({ table: null, busy: false });
  });
});
