import { fireEvent, render, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import fc from 'fast-check';
import { useState } from 'react';

import { LookProvider } from '../LookProvider';
import { type DateStyle, DateStyleContext, written } from './dateStyle';
import { DayField, MomentField } from './MomentField';
import { readDate } from './readDate';

const STYLE: DateStyle = { order: 'dayFirst', clock: '24', today: '2026-12-20' };
const two = (n: number) => String(n).padStart(2, '0');

describe('a day that is typed', () => {
  const read = (typed: string, style: Partial<DateStyle> = {}) =>
    readDate(typed, true, { ...STYLE, ...style });

  it('comes back as it was written, in every order and by both clocks', () => {
    const day = fc.date({
      min: new Date(1990, 0, 1),
      max: new Date(2100, 0, 1),
      noInvalidDate: true,
    });
    fc.assert(
      fc.property(
        day,
        fc.constantFrom('dayFirst' as const, 'monthFirst' as const, 'yearFirst' as const),
        fc.constantFrom('24' as const, '12' as const),
        fc.boolean(),
        (at, order, clock, withTime) => {
          const date = `${at.getFullYear()}-${two(at.getMonth() + 1)}-${two(at.getDate())}`;
          const kept = withTime ? `${date}T${two(at.getHours())}:${two(at.getMinutes())}` : date;
          const style = { ...STYLE, order, clock };
          expect(readDate(written(kept, style), withTime, style)).toEqual({ text: kept });
        },
      ),
    );
  });

  it.each([
    ['31/02/2026 9:00', 'noSuchDay'],
    ['29.2.2027 9:00', 'noSuchDay'],
    ['2026-02-30T09:00', 'noSuchDay'],
    ['31 Apr 9:00', 'noSuchDay'],
    ['13/3/2026', 'noTime'],
    ['tomorrow', 'noTime'],
    ['13/3/2026 25:00', 'unread'],
    ['soon', 'unread'],
  ])('%s is refused, never moved', (typed, problem) => {
    expect(read(typed)).toEqual({ problem });
  });

  it.each([
    ['13/3/2026 9:05', '2026-03-13T09:05'],
    ['13.3.26 9.05', '2026-03-13T09:05'],
    ['13 Mar 2026 6:20 pm', '2026-03-13T18:20'],
    ['13 march 2026 6 pm', '2026-03-13T18:00'],
    ['today 7', '2026-12-20T07:00'],
    ['tomorrow 12:30 am', '2026-12-21T00:30'],
    // The year that is nearest: at Christmas, January is the one to come.
    ['3/1 8:00', '2027-01-03T08:00'],
    ['3 Dec 8:00', '2026-12-03T08:00'],
  ])('%s is %s', (typed, text) => {
    expect(read(typed)).toEqual({ text });
  });

  it('is read in the kitchen’s order', () => {
    expect(read('3/4/2026 8:00')).toEqual({ text: '2026-04-03T08:00' });
    expect(read('3/4/2026 8:00', { order: 'monthFirst' })).toEqual({ text: '2026-03-04T08:00' });
    expect(read('13/4/2026 8:00', { order: 'monthFirst' })).toEqual({ problem: 'noSuchDay' });
  });
});

describe('the field of a day', () => {
  const shown = (start: string, style: Partial<DateStyle> = {}, withTime = true) => {
    const kept: string[] = [];
    function Page() {
      const [text, setText] = useState(start);
      const Asked = withTime ? MomentField : DayField;
      kept.push(text);
      return <Asked label="Fed at" text={text} onText={setText} />;
    }
    render(
      <LookProvider theme="light">
        <DateStyleContext.Provider value={{ ...STYLE, ...style }}>
          <Page />
        </DateStyleContext.Provider>
      </LookProvider>,
    );
    return () => kept[kept.length - 1];
  };
  const field = () => screen.getByRole('textbox', { name: 'Fed at' });
  const retype = async (text: string) => {
    await userEvent.clear(field());
    await userEvent.type(field(), text);
  };

  it('shows the kitchen’s own writing, and takes it', async () => {
    const kept = shown('2026-03-13T18:20', { order: 'monthFirst', clock: '12' });
    expect(field()).toHaveValue('03/13/2026 6:20 pm');
    await retype('3/14/2026 7 am');
    await waitFor(() => expect(kept()).toBe('2026-03-14T07:00'));
    await userEvent.tab();
    expect(field()).toHaveValue('03/14/2026 7:00 am');
  });

  it('says that there is no such day, and keeps what was typed', async () => {
    const kept = shown('2026-03-13T18:20');
    await retype('31/2/2026 9:00');
    expect(await screen.findByText('There is no such day.')).toBeVisible();
    await userEvent.tab();
    expect(field()).toHaveValue('31/2/2026 9:00');
    expect(field()).toHaveAccessibleDescription('There is no such day.');
    expect(kept()).toBe('31/2/2026 9:00');
  });

  it('takes a day out of the month, with the keys too, and leaves the hour', async () => {
    const kept = shown('2026-03-13T18:20');
    await userEvent.click(screen.getByRole('button', { name: 'Fed at: choose a day' }));
    expect(await screen.findByRole('grid', { name: 'March 2026' })).toBeVisible();
    await waitFor(() =>
      expect(screen.getByRole('button', { name: /13.* March 2026/ })).toHaveFocus(),
    );
    await userEvent.keyboard('{ArrowDown}{ArrowRight}{Enter}');
    expect(kept()).toBe('2026-03-21T18:20');
    expect(screen.queryByRole('grid')).toBeNull();
  });

  it('that is read a moment later leaves alone what was said meanwhile', async () => {
    function Form() {
      const [form, setForm] = useState({ at: '', note: '' });
      return (
        <>
          <MomentField label="Fed at" text={form.at} onText={(at) => setForm({ ...form, at })} />
          <input
            aria-label="Note"
            value={form.note}
            onChange={({ target }) => setForm({ ...form, note: target.value })}
          />
          <output>{`${form.at} ${form.note}`}</output>
        </>
      );
    }
    render(
      <LookProvider theme="light">
        <DateStyleContext.Provider value={STYLE}>
          <Form />
        </DateStyleContext.Provider>
      </LookProvider>,
    );
    fireEvent.change(field(), { target: { value: '13/3/2026 9:00' } });
    fireEvent.change(screen.getByLabelText('Note'), { target: { value: 'thick' } });
    expect(await screen.findByText('2026-03-13T09:00 thick')).toBeVisible();
  });

  it('asks for a day alone where no hour is wanted', async () => {
    const kept = shown('', {}, false);
    await retype('3/1');
    await waitFor(() => expect(kept()).toBe('2027-01-03'));
  });
});
