import { screen, within } from '@testing-library/react';

import { beginProgramme } from '@core/verbs';
import { doneTo, selectJarAt, selectJarEvents, selectRuns } from '@state';

import { kitchenStore, show, touch, type, went } from '../../tests/kitchen';
import { ProgrammeScreen } from './ProgrammeScreen';
import { StartScreen } from './StartScreen';
import { TroubleScreen } from './TroubleScreen';

const press = (name: string | RegExp) => touch('button', name);
const check = (name: string) => touch('checkbox', name);
const tellNothing = async () => {
  for (let i = 0; i < 12 && screen.queryByRole('button', { name: 'I cannot tell' }); i++)
    await press('I cannot tell');
};
const nothingHappened = () => press('Nothing that I know');

describe('something is wrong', () => {
  it('asks what happened, then for the surface, and does not ask what the log knows', async () => {
    show(<TroubleScreen jar="skua" />);
    expect(screen.getByText(/^Leave it as it is for now/)).toBeVisible();
    await nothingHappened();
    expect(screen.getByRole('heading', { name: 'What do you see on it?' })).toBeVisible();
    expect(screen.getByRole('button', { name: 'Go on' })).toBeDisabled();
    expect(screen.getByText(/^smell: nail varnish/)).toBeVisible();
    await check('nothing odd');
    await press('Go on');
    expect(
      screen.getByRole('heading', { name: 'Neglected, but it can be brought back' }),
    ).toBeVisible();
    expect(screen.queryByText('What does it smell of?')).toBeNull();
  });

  it('says what to do before it is known which jar', () => {
    show(<TroubleScreen />);
    expect(
      screen.getByText(/^Leave it as it is for now: do not stir it or taste it/),
    ).toBeVisible();
    expect(screen.queryByRole('heading', { name: 'What do you see on it?' })).toBeNull();
  });

  it('puts the pressure of a tight lid before everything, and asks on', async () => {
    show(<TroubleScreen jar="grebe" />);
    await check('the lid was tight');
    await check('salt got into it');
    await press('Go on');
    expect(screen.getByText('First, the pressure')).toBeVisible();
    expect(screen.getByText(/turn the jar away from your face/)).toBeVisible();
    await check('nothing odd');
    await press('Go on');
    await tellNothing();
    expect(screen.getByRole('heading', { name: 'Something in it holds it back' })).toBeVisible();
    expect(screen.getByText(/^It is also under pressure/)).toBeVisible();
    expect(screen.getByText(/Salt slows yeast and bacteria alike/)).toBeVisible();
  });

  it('asks how hot it got, in the unit of the kitchen, and says that the middle may live', async () => {
    const store = kitchenStore();
    const { settingsChanged } = jest.requireActual('@state');
    store.dispatch(settingsChanged({ temperature: 'fahrenheit' }));
    show(<TroubleScreen jar="grebe" />, store);
    await check('it got hot: oven, heater, sun');
    await press('Go on');
    await check('nothing odd');
    await press('Go on');
    await press('flour, yoghurt, fruit');
    expect(screen.getByRole('heading', { name: 'How hot did it get?' })).toBeVisible();
    await press('over 140 °F, too hot to hold');
    await press('some minutes');
    expect(screen.getByRole('heading', { name: 'It got too hot' })).toBeVisible();
    expect(screen.getByText(/some cells usually live there/)).toBeVisible();
    expect(document.body.textContent).not.toMatch(/\{\d|°C/);
  });

  it('does not take a surface for clean that nobody could judge', async () => {
    show(<TroubleScreen jar="grebe" />);
    await nothingHappened();
    await press('I cannot tell');
    expect(screen.getByRole('heading', { name: 'And in better light?' })).toBeVisible();
    await press('I can see something now');
    expect(screen.getByRole('heading', { name: 'What do you see on it?' })).toBeVisible();
    await press('I cannot tell');
    await press('still not sure');
    expect(screen.getByRole('heading', { name: 'Throw it all out' })).toBeVisible();
    expect(screen.getByText(/could not be called clean/)).toBeVisible();
  });

  it('lets nothing odd and something odd exclude each other', async () => {
    show(<TroubleScreen jar="skua" />);
    await nothingHappened();
    await check('nothing odd');
    await check('fuzz');
    expect(screen.getByRole('checkbox', { name: 'nothing odd' })).not.toBeChecked();
    await check('nothing odd');
    expect(screen.getByRole('checkbox', { name: 'fuzz' })).not.toBeChecked();
  });

  it('throws out what moulds, takes it off the shelf, and leads to a beginning', async () => {
    const store = show(<TroubleScreen jar="dunlin" />);
    await nothingHappened();
    await check('coloured spots');
    await press('Go on');
    expect(screen.getByRole('heading', { name: 'Throw it all out' })).toBeVisible();
    expect(screen.queryByRole('button', { name: 'To the bench' })).toBeNull();
    await press('It is thrown out');
    expect(went).toEqual(['/start']);
    const events = selectJarEvents(store.getState(), 'dunlin');
    expect(events.slice(-3)).toMatchObject([
      { kind: 'thrownOut', why: 'growth' },
      { kind: 'discarded', to: 'bin' },
      { kind: 'described', card: { archived: true } },
    ]);
    expect(store.getState().trouble.dunlin).toBeUndefined();
  });

  it('says for a flat film that it is to be safe', async () => {
    show(<TroubleScreen jar="grebe" />);
    await nothingHappened();
    await check('a flat white film');
    await press('Go on');
    expect(screen.getByText(/you cannot tell by eye/)).toBeVisible();
  });

  it('keeps a verdict open to another answer', async () => {
    show(<TroubleScreen jar="skua" />);
    await nothingHappened();
    await check('nothing odd');
    await press('Go on');
    await press('Change unfed');
    await press('some days');
    expect(screen.getByRole('heading', { name: 'It is hungry' })).toBeVisible();
    await press('Start again');
    expect(screen.getByRole('heading', { name: 'What happened to it?' })).toBeVisible();
  });

  it('helps with a jar that has no journal, down to what nobody can tell', async () => {
    show(<TroubleScreen />, kitchenStore([]));
    await nothingHappened();
    await tellNothing();
    expect(screen.getByRole('heading', { name: 'Throw it all out' })).toBeVisible();
    await press('Change surface');
    await check('nothing odd');
    await press('Go on');
    await tellNothing();
    expect(screen.getByRole('heading', { name: 'The signs do not say' })).toBeVisible();
    expect(screen.getByText('None of your answers points to any trouble.')).toBeVisible();
    await touch('link', 'Add this starter');
    expect(went).toEqual(['/add']);
  });

  it('begins a programme from its verdict', async () => {
    const store = show(<TroubleScreen jar="skua" />);
    await nothingHappened();
    await check('nothing odd');
    await press('Go on');
    expect(
      screen.getByText(
        /^\d to \d feeds in “Oven, lamp on”: well by .* to .*, as far as anyone can tell\.$/,
      ),
    ).toBeVisible();
    await press('Start the programme');
    expect(went).toEqual(['/jar/skua/programme']);
    expect(selectRuns(store.getState())).toMatchObject([{ jar: { id: 'skua' }, run: { day: 1 } }]);
  });

  it('logs what was seen as a look', async () => {
    const store = show(<TroubleScreen jar="skua" />);
    await nothingHappened();
    await check('a dry or grey skin');
    await press('Go on');
    await press('Log what was seen');
    expect(selectJarEvents(store.getState(), 'skua').at(-1)).toMatchObject({
      kind: 'looked',
      smell: 'solvent',
      note: 'surface: a dry or grey skin',
    });
  });
});

describe('a programme', () => {
  it('that no jar is in says where one begins', async () => {
    show(<ProgrammeScreen id="grebe" />);
    expect(screen.getByText('Grebe is in no programme.')).toBeVisible();
    await touch('link', 'To the jar');
    expect(went).toEqual(['/jar/grebe']);
  });

  it('of a jar that is not there says so', () => {
    show(<ProgrammeScreen id="nobody" />);
    expect(screen.getByText(/no such jar/i)).toBeVisible();
  });

  it('gives its feed in grams and by spoon, and fills the bench with it', async () => {
    const store = kitchenStore();
    store.dispatch(
      doneTo('skua', (jar) => beginProgramme(jar, { programme: 'neglected' }), 'begun'),
    );
    show(<ProgrammeScreen id="skua" />, store);
    const next = within(screen.getByRole('region', { name: 'Next feed' }));
    expect(next.getByText(/^By spoon: 2 tsp of it, 3 tbsp water/)).toBeVisible();
    await press('To the bench');
    expect(store.getState().bench.skua!.other).toEqual({ flour: { white: 0.5, wholeWheat: 0.5 } });
    await touch('radio', 'white, a tenth rye, its own');
    await press('To the bench');
    expect(store.getState().bench.skua!.other).toBeNull();
    expect(went).toEqual(['/jar/skua/feed', '/jar/skua/feed']);
    expect(store.getState().bench.skua).toMatchObject({ keepG: 10, parts: 4.5, place: 'oven' });
  });

  it('shows its gates by name, and can be left', async () => {
    const store = kitchenStore();
    store.dispatch(
      doneTo('skua', (jar) => beginProgramme(jar, { programme: 'neglected' }), 'begun'),
    );
    show(<ProgrammeScreen id="skua" />, store);
    expect(screen.getByRole('img', { name: /^Doubled within .*: 0 of 2$/ })).toBeVisible();
    await press('Leave the programme');
    expect(screen.getByText('Skua is in no programme.')).toBeVisible();
  });
});

describe('waking and beginning', () => {
  it('feeds a jar once after a short rest in the fridge, and has one looked over first after a long one', async () => {
    show(<StartScreen />);
    await press('Feed Dunlin');
    await press('Look at Skua');
    expect(went).toEqual(['/jar/dunlin/feed', '/trouble?jar=skua']);
  });

  it('names what lies on the shelf with the share that should live', () => {
    show(<StartScreen />);
    expect(screen.getByText(/^38 g of 7 May 2025, about 27 % alive$/)).toBeVisible();
  });

  it('refuses a name that stands on the shelf and more than there is, and keeps both', async () => {
    show(<StartScreen />);
    await press('Wake Grebe, dried flakes');
    const name = screen.getByLabelText('Its name');
    expect(name).toHaveValue('Grebe 2');
    await type('Its name', 'dunlin');
    await type('Grams of flakes', '77');
    await press('They are soaking');
    expect(screen.getByText('There is a jar of that name already.')).toBeVisible();
    expect(screen.getByText('Only 38 g are left of it.')).toBeVisible();
    expect(name).toHaveValue('dunlin');
  });

  it('soaks flakes of the other school, with fewer cells the older they are', async () => {
    const store = show(<StartScreen />);
    await press('Wake Grebe, dried flakes');
    await touch('radio', '1 : 2 : 2 at once');
    await press('They are soaking');
    // Its name is taken from the elder one; its key is its own.
    const woken = went[0]!.split('/')[2]!;
    const events = selectJarEvents(store.getState(), woken);
    expect(events).toMatchObject([
      { kind: 'started', condition: 'dried', massG: 30, hydrationPct: 200 },
      { kind: 'programmeBegun', programme: 'flakesAtOnce' },
    ]);
    expect((events[0] as { alive: number }).alive).toBeCloseTo(0.27, 1);
    expect(went).toEqual([`/jar/${woken}/programme`]);
    expect(woken).not.toBe('grebe');
  });

  it('begins from flour and water in an empty kitchen', async () => {
    const places = kitchenStore()
      .getState()
      .kitchen.events.filter((e) => e.kind === 'arranged');
    const store = show(<StartScreen />, kitchenStore(places));
    expect(screen.getByText(/^There is none on the shelf/)).toBeVisible();
    await press('Begin: A new starter: tiny, no discard');
    await type('Its name', 'Turnstone');
    await press('It is mixed');
    expect(
      selectJarEvents(store.getState(), selectJarAt(store.getState(), 'turnstone')!)[0],
    ).toMatchObject({
      condition: 'new',
      massG: 8,
    });
  });
});
