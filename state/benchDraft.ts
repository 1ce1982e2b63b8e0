import { type EyedFeed, type Landed, TEXTURES, type Weighing } from '@core/bench';
import { type FeedWay, type Settings } from '@core/journal';
import { fitsOf } from '@core/journal/fits';
import { type Shape, either, fields, list, number, one, whole } from '@core/journal/shape';
import { OUT_TO, type OutTo } from '@core/verbs/outTo';
import { type OtherFlour } from '@core/larder';
import { FLOUR_KINDS } from '@core/measure';

/** A feed under way at the bench. It survives a reload, and another jar's feed. */
export interface BenchDraft {
  /** 0 keep, then water and flour in the baker's order, 3 mix and mark, 4 place. */
  readonly step: number;
  readonly keepG: number;
  readonly parts: number;
  readonly waterParts: number;
  readonly order: 'waterFirst' | 'flourFirst';
  readonly weighing: Weighing;
  readonly landed: Landed;
  readonly to: OutTo;
  /** Local text of a field, as typed. */
  readonly wantedAt: string | null;
  /** When the mix was made, if not now; local text of a field. */
  readonly fedAt: string | null;
  readonly place: string | null;
  /** Another flour than the jar's own, for this feed. What follows is missing in drafts from before there was such a thing. */
  readonly other?: OtherFlour | null;
  readonly way?: FeedWay;
  /** What is added to what is there; text of fields, as typed. */
  readonly added?: { readonly flour: string; readonly water: string };
  readonly eyed?: EyedFeed;
  /** What goes elsewhere of what comes out: grams as typed. */
  readonly elsewhere?: readonly DraftPart[];
  /** After a slip, where it is not as the school has it. */
  readonly afterSlip?: Settings['afterSlip'];
  /** Hours out before the cold, where they are not as the school has them. */
  readonly outBeforeColdH?: number;
}

/** Some of what comes out, as it is being typed. */
export interface DraftPart {
  readonly grams: string;
  readonly to: OutTo;
}

export type BenchDrafts = Readonly<Record<string, BenchDraft>>;

const text: Shape = { of: 'text', max: 80 };
const typed = either(text, one(null, ''));
const grams = number(0, 20_000);
const blend = fields(Object.fromEntries(FLOUR_KINDS.map((kind) => [`${kind}?`, number(0, 1)])), 1);

const isDraft = fitsOf(
  fields({
    step: whole(0, 4),
    keepG: number(0.01, 20_000),
    parts: number(0, 1000),
    waterParts: number(0, 1000),
    order: one('waterFirst', 'flourFirst'),
    weighing: one('tare', 'inJar'),
    landed: fields({ 'keep?': grams, 'water?': grams, 'flour?': grams }),
    to: one(...OUT_TO),
    wantedAt: typed,
    fedAt: typed,
    place: either(text, one(null)),
    'other?': either(one(null), fields({ tub: text }), fields({ flour: blend })),
    'way?': one('ratio', 'add', 'eye'),
    'added?': fields({ flour: either(text, one('')), water: either(text, one('')) }),
    'eyed?': fields({ kept: number(0, 1), grown: number(1, 20), texture: one(...TEXTURES) }),
    'elsewhere?': list(fields({ grams: either(text, one('')), to: one(...OUT_TO) }), 0, 20),
    'afterSlip?': one('follows', 'asPlanned'),
    'outBeforeColdH?': number(0, 12),
  }),
);

/** Drafts from anything that was stored: those that are none are begun again. */
export function benchDraftsFrom(raw: unknown): BenchDrafts {
  if (typeof raw !== 'object' || raw === null) return {};
  return Object.fromEntries(Object.entries(raw).filter(([, draft]) => isDraft(draft, 0)));
}
