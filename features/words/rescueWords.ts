import {
  type BackupForm,
  type ProgrammeEnd,
  type ProgrammeId,
  type Spoilage,
  type Storage,
} from '@core/journal';

/** Programmes by name; the shorter name follows "being". */
export const PROGRAMME_WORDS: Readonly<
  Record<ProgrammeId, { readonly title: string; readonly doing: string }>
> = {
  neglected: { title: 'Bringing back a neglected starter', doing: 'brought back' },
  halfOut: { title: 'Half out, feed to texture', doing: 'brought back' },
  overheated: { title: 'After too much heat', doing: 'brought back' },
  afterFridge: { title: 'After the fridge', doing: 'woken' },
  flakesInStages: { title: 'Waking flakes in stages', doing: 'woken' },
  flakesAtOnce: { title: 'Waking flakes at once', doing: 'woken' },
  stiffBall: { title: 'Waking a stiff ball', doing: 'woken' },
  frozen: { title: 'Waking a frozen portion', doing: 'woken' },
  byPost: { title: 'A live sample settles in', doing: 'settled in' },
  wholeGrainTaper: { title: 'A new starter: whole grain, then less', doing: 'begun' },
  tinyBuild: { title: 'A new starter: tiny, no discard', doing: 'begun' },
  halfOutDaily: { title: 'A new starter: half out daily', doing: 'begun' },
  fruitWater: { title: 'A new starter: fruit water', doing: 'begun' },
};

export const PROGRAMME_END_WORDS: Readonly<Record<ProgrammeEnd, string>> = {
  well: 'well again',
  useBackup: 'given up: a backup takes its place',
  left: 'programme left',
};

export const BACKUP_WORDS: Readonly<Record<BackupForm, string>> = {
  flakes: 'dried flakes',
  frozen: 'a frozen portion',
  stiffBall: 'a stiff ball',
  twin: 'a twin',
};

export const STORE_WORDS: Readonly<Record<Storage, string>> = {
  room: 'at room temperature',
  fridge: 'in the fridge',
  freezer: 'in the freezer',
};

/** Why a jar was thrown out. */
export const SPOILAGE_WORDS: Readonly<Record<Spoilage, string>> = {
  growth: 'something grew in it',
  insects: 'insects',
  hardBits: 'splinters in it',
  cleaner: 'soap or cleaner in it',
  food: 'egg or milk in it',
  smell: 'it smelt of rot after a feed',
  unsure: 'it could not be called clean',
  heat: 'the heat killed it',
};
