import { volumeRise } from '@core/bench';
import { type Reading } from '@core/devices/contract';
import { type HourSoFar, intoHour } from '@core/devices/hourMeans';
import { type LidDoubt, type LidWatch, lidRead, watchFeed } from '@core/devices/lidLooks';
import { contentOf } from '@core/journal';
import { freshDensity } from '@core/measure';
import { look } from '@core/verbs';

import { doneTo } from './actions';
import { readClock } from './clock';
import { type DeviceRole, type DeviceRoles } from './deviceRoles';
import { keepRoles, readRoles } from './door/devices';
import { type KitchenName } from './door/shelf';
import { sharedBetweenTabs, tellOfHub, whenHubIsTold } from './door/tabs';
import { hearReadings, watchHub } from './hub';
import { inOneTabOfKitchen, whenKitchenChanges } from './kitchenChanges';
import { selectStanding } from './selectors';
import { type Dispatch, type RootState, type Store } from './store';
import { laidOver } from './thermometer';

/** What devices are for, and what is doubted of them; one object until something changes. */
export interface RolesAndDoubts {
  readonly roles: DeviceRoles;
  readonly doubts: Readonly<Record<string, LidDoubt>>;
}

let keeping: RolesAndDoubts = { roles: {}, doubts: {} };
const watching = new Set<() => void>();
const hours = new Map<string, HourSoFar>();
const lids = new Map<string, LidWatch>();

export const keepingNow = (): RolesAndDoubts => keeping;
export function watchKeeping(changed: () => void): () => void {
  watching.add(changed);
  return () => watching.delete(changed);
}
function set(to: Partial<RolesAndDoubts>) {
  keeping = { ...keeping, ...to };
  for (const changed of watching) changed();
}

/** Reads what the devices of the open kitchen are for. */
export const rolesRead = () => async (_: Dispatch, getState: () => RootState) => {
  set({ roles: await readRoles(getState().kitchen.name) });
};

/** Gives a device something to do; null takes it away. */
export const roleGiven =
  (device: string, role: DeviceRole | null) =>
  async (_: Dispatch, getState: () => RootState): Promise<boolean> => {
    const { name } = getState().kitchen;
    // Another tab may have given one meanwhile, or seen where a band stands.
    const { [device]: former, ...others } = await readRoles(name);
    const roles = role ? { ...others, [device]: role } : others;
    const { [device]: doubted, ...doubts } = keeping.doubts;
    hours.delete(device);
    lids.delete(device);
    set({ roles, doubts });
    const saved = await keepRoles(name, roles);
    tellOfHub();
    return saved;
  };

/** What is doubted, from the tab that listens to the devices to all others. */
const doubted = sharedBetweenTabs<{
  readonly kitchen: KitchenName;
  readonly doubts: RolesAndDoubts['doubts'];
}>('doubts');

/**
 * While a page is open, in one of the tabs of its kitchen: thermometers are laid over their places hour by hour, lids log their
 * looks. Without a key to the hub there is nothing to hear.
 */
export function keepDevices(store: Store): void {
  let listens = false;
  const nameNow = () => store.getState().kitchen.name;
  const tell = () => {
    if (listens) doubted.tell({ kitchen: nameNow(), doubts: keeping.doubts });
  };
  const read = () => {
    void store.dispatch(rolesRead());
    doubted.ask();
  };
  read();
  whenKitchenChanges(store, () => {
    hours.clear();
    lids.clear();
    set({ doubts: {} });
    read();
  });
  // Another tab gave a device something to do.
  whenHubIsTold(read);
  doubted.hear(({ kitchen, doubts }) => {
    if (!listens && kitchen === nameNow()) set({ doubts });
  }, tell);
  inOneTabOfKitchen(store, 'devices', () => {
    listens = true;
    let { doubts } = keeping;
    const ends = [
      watchHub(() => undefined),
      hearReadings((one) => store.dispatch(kept(one))),
      watchKeeping(() => {
        if (keeping.doubts === doubts) return;
        doubts = keeping.doubts;
        tell();
      }),
    ];
    return () => {
      listens = false;
      for (const end of ends) end();
    };
  });
}

/** What a reading comes to, by what its device is for. */
export const kept =
  (reading: Reading) =>
  (dispatch: Dispatch): void => {
    const role = keeping.roles[reading.device];
    if (!role) return;
    if (reading.kind === 'thermometer' && 'place' in role) {
      const { now, ended } = intoHour(
        hours.get(reading.device) ?? null,
        hourOf(reading),
        reading.celsius,
      );
      hours.set(reading.device, now);
      if (ended) dispatch(laidOver(role.place, [ended], false));
    }
    if (reading.kind === 'lid' && 'jar' in role) dispatch(lidKept(reading, role));
  };

/** The kitchen's hour of a reading: the clock may be held still. */
const hourOf = ({ at }: Reading) => readClock() - Math.max(0, Date.now() - at);

const lidKept =
  (
    reading: Extract<Reading, { readonly kind: 'lid' }>,
    role: Extract<DeviceRole, { readonly jar: string }>,
  ) =>
  (dispatch: Dispatch, getState: () => RootState): void => {
    const { jar: id, floorMm, band: kept } = role;
    const standing = selectStanding(getState(), id);
    if (!standing) return;
    const { jar, moment } = standing;
    const known = lids.get(reading.device);
    const before: LidWatch =
      known?.fedAt === jar.since
        ? known
        : {
            ...watchFeed(jar.since),
            bandMm: kept?.fedAt === jar.since ? kept.mm : null,
          };
    const seen = { at: hourOf(reading), mm: reading.mm };
    const { watch, height } = lidRead(before, seen, floorMm, moment.height);
    if (before.bandMm === null && watch.bandMm !== null) {
      const roles = {
        ...keeping.roles,
        [reading.device]: { ...role, band: { fedAt: jar.since, mm: watch.bandMm } },
      };
      set({ roles });
      void keepRoles(getState().kitchen.name, roles);
    }
    lids.set(reading.device, watch);
    if (watch.doubt !== (keeping.doubts[reading.device] ?? null)) {
      const { [reading.device]: former, ...others } = keeping.doubts;
      set({ doubts: watch.doubt ? { ...others, [reading.device]: watch.doubt } : others });
    }
    if (height === null) return;
    const { vessel } = jar.card;
    const { massG, hydrationPct } = contentOf(jar);
    const band = massG / freshDensity(hydrationPct) / vessel.capacityMl;
    dispatch(
      doneTo(id, (atHand) =>
        look(atHand, { at: atHand.now, rise: volumeRise(vessel, band, height) }),
      ),
    );
  };
