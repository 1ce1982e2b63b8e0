import { ratioOf, ratioText } from '@core/bench';
import { type JournalEvent, type JarEvent, isPromise } from '@core/journal';

import { bakedWords } from './bakedWords';
import {
  BUBBLE_WORDS,
  DESTINATION_WORDS,
  LIQUID_WORDS,
  SIGN_WORDS,
  SMELL_WORDS,
  blendWords,
  riseWords,
} from './jarWords';
import { BACKUP_WORDS, PROGRAMME_END_WORDS, PROGRAMME_WORDS, SPOILAGE_WORDS } from './rescueWords';
import { type KitchenWords } from './kitchenWords';

/** An entry of the journal in a line. `placeName` finds a place's name by its id. */
export function eventWords(
  event: JarEvent,
  words: KitchenWords,
  placeName: (id: string) => string,
): string {
  switch (event.kind) {
    case 'started':
      if (event.condition === 'asItStood')
        return `began with ${words.grams(event.massG)} out of another jar`;
      return `joined with ${words.grams(event.massG)}, ${blendWords(event.card.flour)}`;
    case 'fed': {
      const ratio = ratioOf(event.keepG, event.flourG, event.waterG);
      if (event.rough) return `fed by eye, about ${words.feed(event)}`;
      return `fed: ${words.feed(event)}${ratio ? `, ${ratioText(ratio).replaceAll(' ', '\u00a0')}` : ''}`;
    }
    case 'weighed':
      return `weighed: ${words.grams(event.grams)} in the jar`;
    case 'moved':
      return `${isPromise(event) ? 'was to be moved' : 'moved'}: ${placeName(event.place)}`;
    case 'looked':
      return `looked: ${
        [
          event.height !== undefined && riseWords(event.height),
          event.streak !== undefined && `had been at ${riseWords(event.streak)} by its streak`,
          event.sign && SIGN_WORDS[event.sign],
          event.bubbles && `bubbles ${BUBBLE_WORDS[event.bubbles]}`,
          event.smell && `smells of ${SMELL_WORDS[event.smell]}`,
          event.liquid && `liquid ${LIQUID_WORDS[event.liquid]}`,
          event.floats !== undefined && (event.floats ? 'floats' : 'sinks'),
          event.note,
        ]
          .filter(Boolean)
          .join(', ') || 'nothing noted'
      }`;
    case 'took':
      return `took ${words.grams(event.grams)}${event.note ? ` for ${event.note}` : ' for a bake'}`;
    case 'discarded':
      return `took out ${words.grams(event.grams)}: ${DESTINATION_WORDS[event.to]}`;
    case 'pouredOff':
      return `poured off ${words.grams(event.grams)} of liquid`;
    case 'thrownOut':
      return `thrown out: ${SPOILAGE_WORDS[event.why]}`;
    case 'programmeBegun':
      return `begun: ${PROGRAMME_WORDS[event.programme].title.toLowerCase()}`;
    case 'programmeEnded':
      return PROGRAMME_END_WORDS[event.because];
    case 'drying':
      return `spread ${words.grams(event.grams)} out to dry`;
    case 'backedUp':
      return `backup made: ${words.grams(event.grams)}, ${BACKUP_WORDS[event.form]}`;
    case 'backupUsed':
      return `${words.grams(event.grams)} of a backup used`;
    case 'backupTended':
      return 'the twin in the fridge was fed';
    case 'backupDeclined':
      return 'needs no backup';
    case 'rejarred':
      return 'into a clean jar';
    case 'noted':
      return event.note;
    case 'baked':
      return `the bake: ${bakedWords(event)}`;
    case 'pictured':
      return 'a picture';
    case 'described':
      return event.card.archived ? 'archived' : 'card changed';
  }
}

/** Entries that can be struck out of the journal: all but those that make the jar. */
export const canBeStruck = (event: JournalEvent): boolean =>
  event.kind !== 'started' && event.kind !== 'arranged' && event.kind !== 'withdrew';
