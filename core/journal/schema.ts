import Joi from 'joi';

import { CONDITIONS, PLACE_KINDS } from '../ferment';
import { FLOUR_KINDS } from '../measure';
import { type JournalEvent } from './events';
import {
  BACKUP_FORMS,
  BUBBLES,
  DESTINATIONS,
  LIQUIDS,
  PROGRAMMES,
  PROGRAMME_ENDS,
  SIGNS,
  SMELLS,
  STORES,
} from './vocabulary';

/** Longest name and note; long enough for anybody, short enough for a label. */
export const NAME_LENGTH = 60;
export const NOTE_LENGTH = 2000;

const grams = Joi.number().min(0).max(20_000);
const some = Joi.number().greater(0).max(20_000);
const stock = Joi.number().min(0).max(100_000);
const share = Joi.number().min(0).max(1);
const celsius = Joi.number().min(-30).max(60);
const hour = Joi.number().min(0).max(24);
const key = Joi.string().min(1).max(80);
const note = Joi.string().max(NOTE_LENGTH);
const blend = Joi.object(Object.fromEntries(FLOUR_KINDS.map((kind) => [kind, share]))).min(1);

const vessel = Joi.object({
  emptyG: grams.required(),
  capacityMl: some.required(),
  taper: Joi.number().min(0.3).max(2),
});

const card = Joi.object({
  name: Joi.string().trim().min(1).max(NAME_LENGTH).required(),
  vessel: vessel.required(),
  keepG: some.required(),
  ratio: Joi.object({
    flour: Joi.number().greater(0).max(50).required(),
    water: Joi.number().min(0).max(50).required(),
  }).required(),
  flour: blend.required(),
  change: Joi.object({
    to: blend.required(),
    feeds: Joi.number().integer().min(1).max(20).required(),
  }),
  tub: key,
  archived: Joi.boolean().required(),
});

const temperature = Joi.alternatives(
  Joi.object({ kind: Joi.valid('constant').required(), celsius: celsius.required() }),
  Joi.object({
    kind: Joi.valid('dayNight').required(),
    day: celsius.required(),
    night: celsius.required(),
    dayFrom: hour.required(),
    nightFrom: hour.required(),
  }),
  Joi.object({
    kind: Joi.valid('hourly').required(),
    points: Joi.array()
      .items(Joi.array().ordered(hour.required(), celsius.required()))
      .min(1)
      .required(),
  }),
);

const place = Joi.object({
  id: key.required(),
  name: Joi.string().trim().min(1).max(NAME_LENGTH).required(),
  kind: Joi.valid(...PLACE_KINDS).required(),
  temperature: temperature.required(),
  sd: Joi.number().min(0).max(10).required(),
});

const entry = {
  id: key.required(),
  at: Joi.string().isoDate().required(),
};

const ofKitchen = <K extends string>(kind: K, fields: Joi.SchemaMap) =>
  Joi.object({ ...entry, kind: Joi.valid(kind).required(), ...fields });

const ofJar = <K extends string>(kind: K, fields: Joi.SchemaMap) =>
  Joi.object({ ...entry, jar: key.required(), kind: Joi.valid(kind).required(), ...fields });

const SCHEMAS: Readonly<Record<JournalEvent['kind'], Joi.ObjectSchema>> = {
  started: ofJar('started', {
    card: card.required(),
    massG: some.required(),
    hydrationPct: Joi.number().min(30).max(400).required(),
    condition: Joi.valid(...CONDITIONS).required(),
    alive: share,
    place: key.required(),
    from: key,
  }),
  fed: ofJar('fed', {
    keepG: some.required(),
    flourG: some.required(),
    waterG: grams.required(),
    flour: blend.required(),
    tub: key,
    waterCelsius: Joi.number().min(0).max(60),
  }),
  moved: ofJar('moved', { place: key.required() }),
  looked: ofJar('looked', {
    height: Joi.number().min(0.2).max(10),
    sign: Joi.valid(...SIGNS),
    smell: Joi.valid(...SMELLS),
    bubbles: Joi.valid(...BUBBLES),
    liquid: Joi.valid(...LIQUIDS),
    floats: Joi.boolean(),
    note,
  }),
  took: ofJar('took', { grams: some.required(), note }),
  discarded: ofJar('discarded', {
    grams: some.required(),
    to: Joi.valid(...DESTINATIONS).required(),
  }),
  noted: ofJar('noted', { note: note.min(1).required() }),
  described: ofJar('described', { card: card.required() }),
  pouredOff: ofJar('pouredOff', { grams: some.required() }),
  programmeBegun: ofJar('programmeBegun', { programme: Joi.valid(...PROGRAMMES).required() }),
  programmeEnded: ofJar('programmeEnded', { because: Joi.valid(...PROGRAMME_ENDS).required() }),
  drying: ofJar('drying', { grams: some.required() }),
  backedUp: ofJar('backedUp', {
    form: Joi.valid(...BACKUP_FORMS).required(),
    grams: some.required(),
    takenG: grams.required(),
    store: Joi.valid(...STORES).required(),
    note,
    drying: key,
  }),
  backupUsed: ofJar('backupUsed', { backup: key.required(), grams: some.required() }),
  backupTended: ofJar('backupTended', { backup: key.required() }),
  backupDeclined: ofJar('backupDeclined', {}),
  rejarred: ofJar('rejarred', { vessel: vessel.required() }),
  lotMoved: ofKitchen('lotMoved', {
    lot: key.required(),
    store: Joi.valid('fridge', 'freezer').required(),
  }),
  lotsUsed: ofKitchen('lotsUsed', {
    lots: Joi.array()
      .items(Joi.object({ lot: key.required(), grams: some.required() }))
      .min(1)
      .required(),
    to: Joi.valid('bake', 'compost', 'animals', 'bin').required(),
    note,
  }),
  stocked: ofKitchen('stocked', {
    tub: key.required(),
    name: Joi.string().trim().min(1).max(NAME_LENGTH).required(),
    flour: blend.required(),
    grams: stock.required(),
    lowG: stock.required(),
    pricePerKg: Joi.number().min(0).max(100_000),
    useBy: Joi.string().isoDate(),
  }),
  tubWeighed: ofKitchen('tubWeighed', { tub: key.required(), grams: stock.required() }),
  tubGone: ofKitchen('tubGone', { tub: key.required() }),
  arranged: ofKitchen('arranged', { place: place.required() }),
  withdrew: ofKitchen('withdrew', { entries: Joi.array().items(key).min(1).required() }),
};

/** What came in at a door, sorted into events and what could not be read, with the reason. */
export interface Admitted {
  readonly events: readonly JournalEvent[];
  readonly refused: readonly { readonly raw: unknown; readonly because: string }[];
}

/** Checks anything that claims to be journal events. Nothing is converted: a number in quotes is refused. */
export function admit(raw: readonly unknown[]): Admitted {
  const events: JournalEvent[] = [];
  const refused: { raw: unknown; because: string }[] = [];
  for (const item of raw) {
    const because = refusal(item);
    if (because === null) events.push(item as JournalEvent);
    else refused.push({ raw: item, because });
  }
  return { events, refused };
}

/** Why something is no event, naming the field; null when it is one. */
export function refusal(item: unknown): string | null {
  const kind = (item as { kind?: unknown } | null)?.kind;
  if (typeof kind !== 'string' || !Object.hasOwn(SCHEMAS, kind)) return '"kind" is not known';
  const { error } = SCHEMAS[kind as JournalEvent['kind']].validate(item, { convert: false });
  return error ? error.message : null;
}
