import { type Answer, type QuestionId } from '@core/rescue';

/** A question as it is put, and its answers. */
export const QUESTION_WORDS: {
  readonly [Q in QuestionId]: {
    readonly ask: string;
    readonly hint?: string;
    /** How it reads in a list of what led to a verdict: "surface: fuzz". */
    readonly short: string;
    readonly answers: Readonly<Record<Answer<Q>, string>>;
  };
} = {
  surface: {
    ask: 'What do you see on it?',
    hint: 'Look before stirring, from above and through the glass. Choose all there is.',
    short: 'surface',
    answers: {
      nothing: 'nothing odd',
      liquid: 'liquid',
      skin: 'a dry or grey skin',
      fuzz: 'fuzz',
      spots: 'coloured spots',
      streaks: 'pink or orange',
      film: 'a flat white film',
      foreign: 'insect, glass, soap',
    },
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
  rise: {
    ask: 'How far did it rise after the last feed?',
    hint: 'Streaks on the glass tell how high it stood.',
    short: 'rise',
    answers: { doubled: 'doubled or more', some: 'a little', none: 'not at all' },
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
    ask: 'Did a feed cure that smell?',
    short: 'after a feed',
    answers: { notFed: 'not fed since', gone: 'it went', stays: 'it stays' },
  },
  unfed: {
    ask: 'How long is the last feed ago?',
    short: 'unfed',
    answers: {
      hours: 'a day at most',
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
      cool: 'somewhere cool, under 18 °C',
      room: 'in a room',
      warm: 'somewhere warm, over 26 °C',
    },
  },
  heat: {
    ask: 'Did it get hot?',
    hint: 'An oven that was switched on, a heater, the sun on the glass.',
    short: 'heat',
    answers: {
      none: 'no',
      stalled: 'over 35 °C, too warm to the hand',
      harmed: 'over 45 °C, hot bath water',
      killed: 'over 60 °C, too hot to hold',
    },
  },
  age: {
    ask: 'How old is this starter?',
    short: 'age',
    answers: { young: 'under three weeks', grown: 'older' },
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
