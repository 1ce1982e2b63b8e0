import Joi from 'joi';

import { type FeedAmounts } from '../bench';
import { USUAL_BELIEF, middlePace } from '../ferment';
import { readKitchenFile } from '../formats/readKitchenFile';
import {
  type Answer,
  BACKUP_FORMS,
  type BackupForm,
  DESTINATIONS,
  type Destination,
  type Jar,
  type JarAtHand,
  LIQUIDS,
  type Liquid,
  PROGRAMMES,
  PROGRAMME_ENDS,
  type ProgrammeEnd,
  type ProgrammeId,
  foldJar,
  withItsPast,
  logOf,
  placesOf,
  zonesOf,
} from '../journal';
import { tubsOf } from '../larder';
import { type Instant, kitchenTime } from '../measure';
import { backupsOf } from '../rescue';
import {
  beginProgramme,
  buildInBowl,
  feedJar,
  leaveProgramme,
  look,
  makeBackup,
  move,
  note,
  pourOff,
  spendBackup,
  splitOff,
  stirIn,
  takeOut,
  weigh,
  wishBake,
} from '../verbs';

type Seeped = Exclude<Liquid, 'none'>;

/** A jar at hand, and what of the kitchen some verbs ask for. */
interface AtHand extends JarAtHand {
  readonly tubs: ReturnType<typeof tubsOf>;
  readonly backups: ReturnType<typeof backupsOf>;
  readonly names: readonly string[];
}

/** What is asked of a verb, as it is let in, and the verb. */
interface Verb<Asked> {
  readonly asks: Joi.ObjectSchema<Asked>;
  readonly answers: (atHand: AtHand, asked: Asked) => Answer;
}

const verb = <Asked>(asks: Joi.SchemaMap<Asked>, answers: Verb<Asked>['answers']): Verb<Asked> => ({
  asks: Joi.object<Asked>(asks),
  answers,
});

const grams = Joi.number().required();
const text = Joi.string().min(1).max(2000).required();
const instant = Joi.date().iso().required();
const to = Joi.string()
  .valid(...DESTINATIONS)
  .required();
const liquid = Joi.string()
  .valid(...LIQUIDS.filter((one) => one !== 'none'))
  .required();
const programme = Joi.string()
  .valid(...PROGRAMMES)
  .required();

/** Every verb that the command knows. */
const VERBS = {
  feed: verb<
    FeedAmounts & {
      to: Destination;
      place: string | null;
      then: { place: string; at: Date } | null;
      rough: boolean;
    }
  >(
    {
      keepG: grams,
      flourG: grams,
      waterG: grams,
      to,
      place: Joi.string().allow(null).default(null),
      then: Joi.object({ place: text, at: instant }).allow(null).default(null),
      rough: Joi.boolean().default(false),
    },
    (atHand, { keepG, flourG, waterG, to: out, place, then, rough }) =>
      feedJar(atHand, atHand.tubs, {
        amounts: { keepG, flourG, waterG },
        at: atHand.now,
        to: out,
        place,
        then: then && { place: then.place, at: then.at.getTime() },
        rough,
      }),
  ),
  take: verb<{ grams: number; to: Destination }>({ grams, to }, takeOut),
  build: verb<{
    id: string;
    name: string;
    seedG: number;
    flourG: number;
    waterG: number;
    place: string;
  }>(
    {
      id: text,
      name: Joi.string().allow('').required(),
      seedG: grams,
      flourG: grams,
      waterG: grams,
      place: text,
    },
    (atHand, asked) => buildInBowl(atHand, atHand.tubs, asked),
  ),
  split: verb<{ id: string; name: string; grams: number; place: string }>(
    {
      id: text,
      name: Joi.string().allow('').required(),
      grams,
      place: text,
    },
    (atHand, asked) =>
      splitOff(atHand, atHand.names, {
        ...asked,
        origin: `Split off from ${atHand.jar.card.name}`,
      }),
  ),
  pourOff: verb<{ grams: number; liquid: Seeped }>({ grams, liquid }, pourOff),
  stirIn: verb<{ liquid: Seeped }>({ liquid }, stirIn),
  makeBackup: verb<{ form: BackupForm; grams: number; note: string }>(
    {
      form: Joi.string()
        .valid(...BACKUP_FORMS)
        .required(),
      grams,
      note: Joi.string().allow('').default(''),
    },
    makeBackup,
  ),
  useBackup: verb<{ backup: string; grams?: number }>(
    { backup: text, grams: Joi.number() },
    ({ backups, now }, { backup: id, grams: used }) => {
      const backup = backups.find((one) => one.id === id);
      if (!backup) throw new Error('asked.backup: there is no such backup');
      return spendBackup(backup, now, used);
    },
  ),
  wish: verb<{ id: string; name: string; levainG: number; at: Date; widthH: number }>(
    {
      id: text,
      name: Joi.string().allow('').required(),
      levainG: grams,
      at: instant,
      widthH: Joi.number().min(0).max(24).default(1),
    },
    ({ jar, now }, { at, ...wished }) =>
      wishBake({ ...wished, jar: jar.id, at: at.getTime() }, now),
  ),
  beginProgramme: verb<{ programme: ProgrammeId }>({ programme }, beginProgramme),
  leaveProgramme: verb<{ because: ProgrammeEnd }>(
    {
      because: Joi.string()
        .valid(...PROGRAMME_ENDS)
        .required(),
    },
    leaveProgramme,
  ),
  move: verb<{ place: string; at?: Date }>(
    { place: text, at: Joi.date().iso() },
    (atHand, { place, at }) => move(atHand, place, at?.getTime()),
  ),
  weigh: verb<{ grams: number }>({ grams }, weigh),
  look: verb<{ rise?: number; note: string }>(
    { rise: Joi.number(), note: Joi.string().allow('').default('') },
    (atHand, asked) => look(atHand, { at: atHand.now, ...asked }),
  ),
  note: verb<{ note: string }>({ note: text }, (atHand, asked) => note(atHand, asked.note)),
} as const;

const INPUT = Joi.object<{
  kitchen: object;
  at: Date;
  jar: string;
  verb: keyof typeof VERBS;
  asked: object;
}>({
  kitchen: Joi.object().required(),
  at: instant,
  jar: text,
  verb: Joi.string()
    .valid(...Object.keys(VERBS))
    .required(),
  asked: Joi.object().default({}),
});

/**
 * `log`: a kitchen, a jar and a verb in, the entries out that the verb writes down, or what stands against it by field.
 * Described in docs/formats.
 * @throws Error naming the field
 * @example logCommand(JSON.parse(readFileSync('take.json', 'utf8')))
 */
export function logCommand(raw: unknown): unknown {
  const input = Joi.attempt(raw, INPUT);
  const now = input.at.getTime();
  const atHand = handOver(input.kitchen, input.jar, now);
  const { asks, answers } = VERBS[input.verb] as Verb<object>;
  const checked = asks.label('asked').validate(input.asked);
  if (checked.error) throw new Error(`asked: ${checked.error.message}`);
  const { entries, objections } = answers(atHand, checked.value);
  return objections ? { objections } : { entries };
}

/** A jar of an exported kitchen as it stands then, by its id or its name. */
function handOver(kitchen: object, wanted: string, now: Instant): AtHand {
  const file = readKitchenFile(JSON.stringify(kitchen), now);
  const log = logOf(file.events, now);
  const context = {
    places: placesOf(log.all),
    time: kitchenTime(zonesOf(log.of('zoned'), file.zone ?? 'UTC')),
    pace: middlePace(USUAL_BELIEF),
  };
  const jars: Jar[] = [];
  for (const id of log.byJar.keys()) {
    const jar = foldJar(withItsPast(id, log.byJar), context)?.jar;
    if (jar) jars.push(jar);
  }
  const jar =
    jars.find(({ id }) => id === wanted) ??
    jars.find(({ card }) => card.name.toLowerCase() === wanted.toLowerCase());
  if (!jar) throw new Error('jar: there is no such jar in this kitchen');
  return {
    jar,
    earlier: log.byJar.get(jar.id) ?? [],
    coming: log.coming.get(jar.id) ?? [],
    now,
    tubs: tubsOf(log.all),
    backups: backupsOf(log.byJar),
    names: jars.map(({ card }) => card.name),
  };
}
