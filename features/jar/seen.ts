import { type Bubbles, type Liquid, type Sign, type Smell } from '@core/journal';

/** What else a look can tell. An empty `at` means now. */
export interface SeenFields {
  readonly at: string;
  readonly sign: Sign | null;
  readonly smell: Smell | null;
  readonly bubbles: Bubbles | null;
  readonly liquid: Liquid | null;
  readonly floats: boolean | null;
  readonly note: string;
  /** The highest streak on the glass, percent above the band, as typed. */
  readonly streak: string;
}

export const NOTHING_ELSE: SeenFields = {
  at: '',
  sign: null,
  smell: null,
  bubbles: null,
  liquid: null,
  floats: null,
  note: '',
  streak: '',
};

export const hasMore = ({ sign, smell, bubbles, liquid, floats, note, streak }: SeenFields) =>
  sign !== null ||
  smell !== null ||
  bubbles !== null ||
  liquid !== null ||
  floats !== null ||
  streak.trim() !== '' ||
  note.trim() !== '';
