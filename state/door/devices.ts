import { type DeviceRoles, rolesFrom } from '../deviceRoles';
import { parsed } from './pages';
import { type KitchenName, devicesKey, shelf } from './shelf';

export const readRoles = async (kitchen: KitchenName): Promise<DeviceRoles> =>
  rolesFrom(parsed((await shelf.getItem(devicesKey(kitchen)).catch(() => null)) ?? undefined));

/** @returns whether there was room */
export const keepRoles = (kitchen: KitchenName, roles: DeviceRoles): Promise<boolean> =>
  shelf.setItem(devicesKey(kitchen), JSON.stringify(roles)).then(
    () => true,
    () => false,
  );
