import { StyleSheet, View } from 'react-native';

import { type Href } from 'expo-router';
import {
  PageTitle,
  ActionRow,
  Button,
  Folded,
  Page,
  Panel,
  type Umbrella,
  UmbrellaMark,
  Words,
} from '@kit';

import { GLOSSARY } from '../words/glossary';
import { FlourAndWater } from './FlourAndWater';

interface MarkHelp {
  readonly umbrella: Umbrella;
  readonly word: string;
  readonly means: string;
}

const MARKS: readonly MarkHelp[] = [
  {
    umbrella: 'furled',
    word: 'asleep, resting, settled',
    means: 'Cold, or just fed. It needs nothing for now.',
  },
  {
    umbrella: 'opening',
    word: 'waking, rising',
    means: 'Bubbles come, then height. Look in now and then.',
  },
  {
    umbrella: 'open',
    word: 'ripe',
    means: 'Domed, full of gas, at its strongest. Bake with it, or feed it.',
  },
  {
    umbrella: 'drooping',
    word: 'just past, sunk',
    means: 'Flat, with streaks down the glass. Still good for a feed.',
  },
  {
    umbrella: 'insideOut',
    word: 'hungry',
    means: 'Thin and sharp-smelling, its food gone. Feed it soon.',
  },
  {
    umbrella: 'dripping',
    word: 'hooch',
    means:
      'Liquid that comes with long hunger. It is not dead. Pour it off or stir it in, then feed.',
  },
  {
    umbrella: 'crossedOut',
    word: 'throw out',
    means:
      'Fuzz or spots of any colour, pink or orange streaks. Throw all of it out, and scald the jar.',
  },
];

const WAYS: readonly { readonly title: string; readonly hint: string; readonly href: Href }[] = [
  {
    title: 'Wake a backup, or start a new starter',
    hint: 'dried, frozen, from a friend, or from flour and water',
    href: '/start',
  },
  {
    title: 'Practise reading a jar',
    hint: 'look, decide, and hear why',
    href: '/practise',
  },
  {
    title: 'What-if room',
    hint: 'two ways of keeping a starter, side by side over days',
    href: '/what-if',
  },
  { title: 'Going away', hint: 'what to do before, and after you come back', href: '/away' },
  {
    title: 'Work out a dough',
    hint: 'from percentages, or from a recipe with yeast',
    href: '/dough',
  },
  {
    title: 'Two schools of advice',
    hint: 'both sides of what bakers argue about',
    href: '/schools',
  },
];

/** What the marks mean, what to watch for, and where the settings are. */
export function HelpScreen() {
  return (
    <Page title="Help" narrow>
      <View style={styles.head}>
        <PageTitle>Help</PageTitle>
        <Button kind="bare" icon="cog-outline" href="/settings">
          Settings
        </Button>
      </View>
      <Button kind="main" big href="/trouble">
        Something is wrong with a jar
      </Button>
      <Panel label="Help with" style={styles.panel}>
        {WAYS.map((way, i) => (
          <ActionRow key={way.title} {...way} first={i === 0} />
        ))}
      </Panel>
      <Panel label="Stage marks">
        <Words size="title" level={2}>
          Stage marks
        </Words>
        {MARKS.map(({ umbrella, word, means }) => (
          <View key={word} style={styles.row}>
            <UmbrellaMark umbrella={umbrella} size={40} />
            <View style={styles.fill}>
              <Words strong>{word}</Words>
              <Words size="small" tone="quiet">
                {means}
              </Words>
            </View>
          </View>
        ))}
      </Panel>
      <Folded title="Words" said="keep, levain, hooch, band and others" open={false}>
        {Object.values(GLOSSARY).map(({ term, means }) => (
          <View key={term}>
            <Words strong>{term}</Words>
            <Words size="small">{means}</Words>
          </View>
        ))}
      </Folded>
      <FlourAndWater />
      <Panel label="Cautions" tone="crust">
        <Words size="title" level={2}>
          Mind
        </Words>
        <Words>Do not taste raw starter or dough: raw flour can carry germs.</Words>
        <Words>Cover a feeding jar loosely. Gas under a tight lid breaks glass.</Words>
        <Words>
          Most starters contain gluten, and travel on hands and spoons. If you have a weak immune
          system, ask a clinician; if you sell from home, follow the local food code.
        </Words>
      </Panel>
      <Panel label="How the forecast is made">
        <Words size="title" level={2}>
          How the forecast is made
        </Words>
        <Words>
          From every feed on, a model follows the yeast, bacteria, food, acid and gas in the jar, at
          the temperature of the place where it stands. It uses growth rates published for the
          organisms of sourdough, and begins with an average starter. Yours may be a quarter quicker
          or slower, and the pale area shows that.
        </Words>
        <Words>Press ? for the keyboard.</Words>
      </Panel>
      <Button kind="bare" href="/licences">
        Licences
      </Button>
    </Page>
  );
}

const styles = StyleSheet.create({
  head: { flexDirection: 'row', alignItems: 'center', justifyContent: 'space-between' },
  row: { flexDirection: 'row', gap: 14, alignItems: 'center' },
  fill: { flex: 1 },
  panel: { gap: 0, paddingVertical: 8 },
});
