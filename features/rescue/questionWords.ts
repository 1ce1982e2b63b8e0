import { type SignAnswer, type QuestionId, type Signs } from '@core/rescue';

/** A question as it is put, and its answers; temperatures as `KitchenWords.inUnits` reads them. */
export const QUESTION_WORDS: {
  readonly [Q in QuestionId]: {
    readonly ask: string;
    readonly hint?: string;
    /** How it reads in a list of what led to a verdict: "surface: fuzz". */
    readonly short: string;
    readonly answers: Readonly<Record<SignAnswer<Q>, string>>;
  };
} = {
  happened: {
    ask: 'What happened to it?',
    hint: 'Choose everything you know of; it decides what you are asked next.',
    short: 'what happened',
    answers: {
      nothing: 'nothing that I know',
      hot: 'it got hot: oven, heater, sun',
      hotWater: 'fed with hot water',
      froze: 'it froze',
      tightLid: 'the lid was tight',
      salt: 'salt got into it',
      sugarOrOil: 'sugar or oil got into it',
      eggOrMilk: 'egg or milk got into it',
      wrongFlour: 'fed self-raising or bleached flour',
      chlorine: 'water that smells of chlorine',
      cleaner: 'soap or cleaner got into it',
      hardBits: 'plastic, metal or glass in it',
      insects: 'insects in it or in the flour',
      neverDoubles: 'it never doubles, though fed for weeks',
    },
  },
  surface: {
    ask: 'What do you see on it?',
    hint: 'Look before you stir, from above and through the glass. Choose everything you see.',
    short: 'surface',
    answers: {
      nothing: 'nothing odd',
      liquid: 'liquid',
      skin: 'a dry or grey skin',
      tinge: 'mauve or brown all through',
      fuzz: 'fuzz',
      spots: 'coloured spots',
      streaks: 'pink or orange streaks',
      film: 'a flat white film',
      foreign: 'insect, glass, soap',
    },
  },
  secondLook: {
    ask: 'And in better light?',
    hint: 'Hold it in daylight or under a torch, and ask a second pair of eyes. Fuzz is easiest to see from the side.',
    short: 'second look',
    answers: { clean: 'it is clean after all', unsure: 'still not sure' },
  },
  darkFlour: {
    ask: 'Is there rye, buckwheat or another dark flour in it?',
    hint: 'These turn mauve, grey or brown all through by themselves. White flour does not.',
    short: 'dark flour',
    answers: { yes: 'yes', no: 'no' },
  },
  glass: {
    ask: 'Is its jar whole?',
    hint: 'Glass can crack when its contents freeze. Run a finger round the outside, not the inside.',
    short: 'the jar',
    answers: { whole: 'whole, or not of glass', cracked: 'cracked or chipped' },
  },
  liquid: {
    ask: 'What colour is the liquid?',
    short: 'liquid',
    answers: { clear: 'clear', grey: 'grey', dark: 'dark', coloured: 'pink or orange' },
  },
  amount: {
    ask: 'How much of it?',
    short: 'how much',
    answers: { film: 'a film', finger: 'a finger’s breadth', more: 'more' },
  },
  where: {
    ask: 'Where does it stand?',
    short: 'where',
    answers: { top: 'on top', middle: 'in the middle', below: 'underneath' },
  },
  age: {
    ask: 'How old is this starter?',
    hint: 'Counted from the first flour and water, not from when you got it.',
    short: 'age',
    answers: { young: 'under three weeks', grown: 'older' },
  },
  heat: {
    ask: 'How hot did it get?',
    hint: 'The starter itself, or the water you fed it with, as near as you can tell.',
    short: 'heat',
    answers: {
      none: 'hardly warm',
      stalled: 'over {35}, too warm to the touch',
      harmed: 'over {45}, like a hot bath',
      killed: 'over {60}, too hot to hold',
      baked: 'it was baked',
    },
  },
  heatFor: {
    ask: 'For how long?',
    short: 'how long',
    answers: { minutes: 'some minutes', hour: 'about an hour', hours: 'some hours' },
  },
  smell: {
    ask: 'What does it smell of?',
    hint: 'Smell, do not taste: raw flour can carry germs.',
    short: 'smell',
    answers: {
      fresh: 'flour, yoghurt, fruit',
      sharp: 'vinegar',
      solvent: 'nail varnish',
      rot: 'cheese, rot',
    },
  },
  cured: {
    ask: 'Did that smell go after a feed?',
    short: 'after a feed',
    answers: { notFed: 'not fed since', gone: 'it went', stays: 'it stays' },
  },
  rise: {
    ask: 'How far did it rise after the last feed?',
    hint: 'Streaks on the glass tell how high it stood.',
    short: 'rise',
    answers: { doubled: 'doubled or more', some: 'a little', none: 'not at all' },
  },
  unfed: {
    ask: 'When was it last fed?',
    short: 'unfed',
    answers: {
      hours: 'within the last day',
      days: 'some days',
      weeks: 'one to five weeks',
      months: 'longer',
    },
  },
  stood: {
    ask: 'Where did it stand?',
    short: 'stood',
    answers: {
      cold: 'in the fridge',
      cool: 'somewhere cool, under {18}',
      room: 'in a room',
      warm: 'somewhere warm, over {26}',
    },
  },
  texture: {
    ask: 'How was it right after the feed?',
    short: 'texture',
    answers: { usual: 'like batter or dough', runny: 'thin as milk', thick: 'too stiff to move' },
  },
};

/** An answer in words, whichever question it belongs to. */
export const answerWords = (question: QuestionId, answer: string): string =>
  answer === 'unknown'
    ? 'cannot tell'
    : ((QUESTION_WORDS[question].answers as Readonly<Record<string, string>>)[answer] ?? answer);

/** What was answered to a question, or all of it, in words. */
export const saidOf = (question: QuestionId, signs: Signs): string => {
  const said = signs[question];
  return (Array.isArray(said) ? (said as readonly string[]) : [String(said)])
    .map((one) => answerWords(question, one))
    .join(', ');
};
