import { type Impossible, type Nearest, type Plan } from '@core/plan';

import { type KitchenWords } from './kitchenWords';
import { listed } from './listed';
import { isUnlikely, pct, raisedWords, windowWords } from './planWords';

/** What leaner keeps save, a sentence for all jars that are kept alike. */
export function savingWords(
  { savings }: Plan,
  jarName: (id: string) => string,
  words: KitchenWords,
): readonly string[] {
  const kept = savings
    .filter(({ flourG }) => flourG >= 5)
    .map(({ jar, keepG, insteadOfG, flourG, from, until }) => {
      const [first, last] = [words.day(from), words.day(until)];
      const when = first !== last ? `until ${last}` : /^to/.test(last) ? last : `on ${last}`;
      const keep = `Keeps ${words.grams(keepG)} of`;
      const less = `instead of ${words.grams(insteadOfG)} ${when}`;
      return { name: jarName(jar), flourG, keep, less, alike: `${keep} ${less}` };
    });
  return [...new Set(kept.map(({ alike }) => alike))].map((alike) => {
    const same = kept.filter((one) => one.alike === alike);
    const [{ keep, less }] = same as [(typeof kept)[0]];
    const flourG = same.reduce((sum, one) => sum + one.flourG, 0);
    const names = listed(same.map(({ name }) => name));
    return `${keep} ${names}${same.length > 1 ? ' each' : ''} ${less}: ${words.grams(flourG)} less flour, and as lively.`;
  });
}

/** Bakes that are more likely to miss than not, and what would help. Null where none is. */
export function unlikelyWords(
  { wanted }: Plan,
  bakeName: (id: string) => string,
  words: KitchenWords,
): string | null {
  const unlikely = wanted.filter(isUnlikely);
  if (unlikely.length === 0) return null;
  const each = unlikely.map((prospect) => {
    const said = `${bakeName(prospect.id)} is ${pct(prospect.chance)} likely to be ripe in time.`;
    const raised = raisedWords(prospect, words);
    if (raised) return `${said} It would be ${raised}.`;
    return prospect.raisedBy ? `${said} Hours nearby were tried, and would help little.` : said;
  });
  return each.join(' ');
}

/** What would help bakes that are rather likely, but not sure: a sentence each. */
export const unsureWords = (
  { wanted }: Plan,
  bakeName: (id: string) => string,
  words: KitchenWords,
): readonly string[] =>
  wanted.flatMap((prospect) => {
    const raised = isUnlikely(prospect) ? null : raisedWords(prospect, words);
    return raised ? [`${bakeName(prospect.id)} would be ${raised}.`] : [];
  });

/** Why a bake cannot be had, and what can. */
export function impossibleWords(
  { because, nearest }: Impossible,
  bakeName: string,
  words: KitchenWords,
): readonly string[] {
  const reasons: Readonly<Record<Impossible['because'], string>> = {
    handsAway: `${bakeName}: nobody is there at the hours it would take.`,
    tooSoon: `${bakeName}: there is not enough time left.`,
    flourShort: `${bakeName}: there is not enough flour in the house.`,
    jarTooSmall: `${bakeName}: the jar and what is in it do not make that much levain.`,
    neverRipe: `${bakeName}: the starter will not be strong enough by then.`,
    inProgramme: `${bakeName}: its jar is in a programme, and no good for levain until it is well.`,
    neglected: `${bakeName}: its jar has gone unfed for long. Look after it first; then it can be planned.`,
    heldBack: `${bakeName}: its jar came from one that was thrown out. Look it over first, in the larder.`,
  };
  return [reasons[because], ...nearest.map((near) => nearestWords(near, words))];
}

function nearestWords(near: Nearest, words: KitchenWords): string {
  switch (near.kind) {
    case 'otherHour':
      return `Ripe ${windowWords(near, words)} would work.`;
    case 'handsAt':
      return `It works if someone is there ${listed(near.times.map((at) => words.at(at)))}.`;
    case 'moreFlour':
      return `${words.grams(near.flourG)} of flour would be enough.`;
    case 'less':
      return near.levainG > 0
        ? `${words.grams(near.levainG)}${near.at ? `, ripe ${windowWords(near.at, words)},` : ''} would work.`
        : 'A larger jar, or a bowl beside it, would work.';
  }
}
