import { fitsOf } from '@core/journal/fits';
import { type Shape, either, fields, number } from '@core/journal/shape';

/** What a device of the kitchen is for. */
export type DeviceRole =
  /** A thermometer that hangs at a place. */
  | { readonly place: string }
  /** A lid on a jar, and millimetres from it to the floor of the empty jar. */
  | {
      readonly jar: string;
      readonly floorMm: number;
      /** Where the mix stood at its last feed, so that a reload forgets nothing: mm above the floor. */
      readonly band?: { readonly fedAt: number; readonly mm: number };
    };

export type DeviceRoles = Readonly<Record<string, DeviceRole>>;

/** A jar is neither flatter nor deeper, mm. */
export const FLOOR_MM = [20, 600] as const;

const text: Shape = { of: 'text', max: 80 };
const fits = fitsOf(
  either(
    fields({ place: text }),
    fields({
      jar: text,
      floorMm: number(FLOOR_MM[0], FLOOR_MM[1]),
      'band?': fields({ fedAt: number(0, 1e15), mm: number(0, 1000) }),
    }),
  ),
);

/** Roles from anything that was stored: those that are none are left out. */
export const rolesFrom = (raw: unknown): DeviceRoles =>
  typeof raw === 'object' && raw !== null
    ? Object.fromEntries(Object.entries(raw).filter(([, role]) => fits(role, 0)))
    : {};
