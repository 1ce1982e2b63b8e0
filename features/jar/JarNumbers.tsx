import { useState } from 'react';
import { StyleSheet, View } from 'react-native';

import { type Standing, hasHeights } from '@core/journal';
import { HOUR } from '@core/measure';
import { isKnownToDay } from '@core/next';
import { Icon, Panel, TOUCH, TouchArea, Words, useLook } from '@kit';

import {
  type KitchenWords,
  fullRiseWords,
  guessedFeed,
  riseWords,
  useKitchenWords,
} from '../words';

interface ExplainedNumber {
  readonly name: string;
  readonly reads: string;
  readonly because: string;
}

/** The numbers that matter, each opened with a tap: what it rests on and what would change it. */
export function JarNumbers({ standing }: { readonly standing: Standing }) {
  const words = useKitchenWords();
  const [open, setOpen] = useState<string | null>(null);
  return (
    <Panel label="Numbers" style={styles.panel}>
      {numbersOf(standing, words).map((number, i) => (
        <NumberRow
          key={number.name}
          number={number}
          first={i === 0}
          open={open === number.name}
          onPress={() => setOpen(open === number.name ? null : number.name)}
        />
      ))}
    </Panel>
  );
}

function NumberRow({
  number,
  first,
  open,
  onPress,
}: {
  readonly number: ExplainedNumber;
  readonly first: boolean;
  readonly open: boolean;
  readonly onPress: () => void;
}) {
  const look = useLook();
  return (
    <View style={{ borderTopWidth: first ? 0 : 1, borderTopColor: look.seam }}>
      <TouchArea open={open} onPress={onPress} style={styles.row}>
        <Words style={styles.fill} tone="quiet">
          {number.name}
        </Words>
        <Words strong style={styles.aligned}>
          {number.reads}
        </Words>
        <Icon name={open ? 'menu-up' : 'menu-down'} size={22} color={look.rim} />
      </TouchArea>
      {open && (
        <Words size="small" style={styles.words}>
          {number.because}
        </Words>
      )}
    </View>
  );
}

const NO_BAND = 'Its first feed here sets the band. From then on heights are told against it.';
const BALL =
  'Dough this stiff swells on all sides and cracks on top. Its height says little: go by the cracks, the smell, and how light it is when cut.';

function numbersOf(standing: Standing, words: KitchenWords): readonly ExplainedNumber[] {
  const { jar, moment, outlook, hours, place } = standing;
  const { forecast } = outlook;
  const bare = hasHeights(jar)
    ? null
    : jar.lastFed
      ? { reads: 'not for a ball of dough', because: BALL }
      : { reads: 'no band yet', because: NO_BAND };
  const fullRise = fullRiseWords(jar.fedMix.flour);
  const at = (h: number) => {
    const then = jar.since + h * HOUR;
    return isKnownToDay(standing, then) ? words.day(then) : words.hourOrDay(then);
  };
  const after = (h: number) =>
    `${words.span(h)} after ${jar.lastFed ? 'the feed' : 'it came into this jar'}`;
  // A feed whose food outlasts the forecast may do later what it has not done by its end.
  const notYet =
    forecast.peaksAtH === null && forecast.emptyAtH === null
      ? `not by ${at(forecast.curve.at(-1)!.hours)}`
      : null;
  const warmth = place ? `in “${place.name}”` : 'in its place';
  const mean = forecast.curve.reduce((sum, m) => sum + m.celsius, 0) / forecast.curve.length;
  const sourness = {
    name: 'Sourness',
    reads: `${sournessWord(moment.ph)}, pH ${moment.ph.toFixed(1)}`,
    because: `Acid so far: ${moment.acid.toFixed(1)} ml by titration of 10 g. Warmth, whole grain and time make it sourer; a feed with a small keep makes it milder.`,
  };
  if (jar.unfedH) return [...guessedNumbers(standing, words), sourness];
  return [
    {
      name: 'Height now',
      reads: bare?.reads ?? `${riseWords(moment.height)}, ${moment.height.toFixed(1)} × the band`,
      because:
        bare?.because ??
        'How far the surface should stand above the band, in a straight jar. If it stands elsewhere, drag it there and log the look.',
    },
    {
      name:
        fullRise !== 'doubled'
          ? fullRise.charAt(0).toUpperCase() + fullRise.slice(1)
          : hours > (forecast.doublesAtH ?? Infinity)
            ? 'Doubled'
            : 'Doubles',
      reads:
        bare?.reads ??
        (forecast.doublesAtH === null ? (notYet ?? 'not in this feed') : at(forecast.doublesAtH)),
      because:
        bare?.because ??
        (forecast.doublesAtH === null
          ? `The model expects at most ${forecast.peakHeight.toFixed(1)} times the band from this feed. Stiff, rye and starved starters rise less, and cold ones take longer.`
          : `${after(forecast.doublesAtH)}${outlook.doublesAtH ? `, between ${words.span(outlook.doublesAtH.low)} and ${words.span(outlook.doublesAtH.high)}` : ''}. ${fullRise === 'doubled' ? 'A strong starter doubles' : `That is a full rise for its flour. A strong starter gets there`} 4 to 8 h after an equal-parts feed at ${words.inUnits('{21-24}')}.`),
    },
    {
      name: hours > (forecast.peaksAtH ?? Infinity) ? 'Peaked' : 'Peaks',
      reads:
        forecast.peaksAtH === null
          ? (notYet ?? 'no rise to speak of')
          : `${at(forecast.peaksAtH)}${bare ? '' : `, ${forecast.peakHeight.toFixed(1)} × the band`}`,
      because: `Worked out from what was in the jar at the feed, its ratio and flour, and about ${words.celsius(mean)} ${warmth}. A warmer place makes it sooner; a smaller keep, later.`,
    },
    {
      name: 'Ripe',
      reads:
        forecast.ripeFromH === null
          ? (notYet ?? 'not in this feed')
          : forecast.ripeUntilH === null
            ? `from ${at(forecast.ripeFromH)}`
            : words.stretch(
                jar.since + forecast.ripeFromH * HOUR,
                jar.since + forecast.ripeUntilH * HOUR,
              ),
      because:
        'From nine tenths of its full height on the way up until it has sunk by an eighth, or its dough no longer stretches. Use it or feed it in this time.',
    },
    {
      name: 'Food left',
      reads: `${Math.round(moment.food * 100)} %`,
      because:
        forecast.emptyAtH === null
          ? 'How much is left of the sugars that flour gives it. They last beyond the forecast.'
          : `How much is left of the sugars that flour gives it. All but gone ${at(forecast.emptyAtH)}; then its yeast begins to starve.`,
    },
    sourness,
    {
      name: 'Half starved',
      reads: forecast.feedByH === null ? 'not in sight' : at(forecast.feedByH),
      because:
        'The moment when half of the yeast that this feed raised has starved. It is best fed well before; later it still comes back, but it may take more than one feed.',
    },
  ];
}

/** What can be said of a jar whose last feed was guessed at: neither the hours of its rise nor where its band was are known. */
function guessedNumbers(standing: Standing, words: KitchenWords): readonly ExplainedNumber[] {
  const { food } = standing.moment;
  return [
    {
      name: 'Height now',
      reads: 'no band yet',
      because: NO_BAND,
    },
    {
      name: 'Food left',
      reads: food < 0.02 ? 'most likely none' : `perhaps ${Math.round(food * 10) * 10} %`,
      because: `${guessedFeed(standing, words)}: this is for the middle of that. Its look and its smell tell more.`,
    },
  ];
}

function sournessWord(ph: number): string {
  if (ph > 4.7) return 'fresh';
  if (ph > 4.25) return 'mild';
  return ph > 3.9 ? 'tangy' : 'sharp';
}

const styles = StyleSheet.create({
  panel: { gap: 0, paddingVertical: 8 },
  row: { minHeight: TOUCH, flexDirection: 'row', alignItems: 'center', gap: 8 },
  fill: { flexGrow: 1 },
  aligned: { flexShrink: 1, textAlign: 'right' },
  words: { paddingBottom: 12 },
});
