import { useState } from 'react';

import { type OtherFlour, feedFlour } from '@core/larder';
import { type Standing } from '@core/journal';
import { FLOUR_KINDS } from '@core/measure';
import { Choice, Panel, Button, Words } from '@kit';
import { selectTubs, useAppSelector } from '@state';

import { FLOUR_WORDS, blendWords } from '../words';
import { type Bench } from './useBench';

const OWN = 'own';

/** Another flour for this one feed: a treat of rye, what a programme asks for, or what is in the house. */
export function FlourThisTime({
  bench,
  standing,
}: {
  readonly bench: Bench;
  readonly standing: Standing;
}) {
  const tubs = useAppSelector(selectTubs);
  const other = bench.draft.other ?? null;
  // What was asked for stays to be chosen again, whatever is tried.
  const [asked] = useState(other);
  const [open, setOpen] = useState(asked !== null);
  if (!open)
    return (
      <Button kind="bare" onPress={() => setOpen(true)}>
        Another flour this time
      </Button>
    );
  const own = feedFlour(standing.jar, tubs);
  const ways: readonly {
    readonly is: string;
    readonly text: string;
    readonly way: OtherFlour | null;
  }[] = [
    { is: OWN, text: own.tub ? `tub: ${own.tub.name}` : blendWords(own.flour), way: null },
    ...(asked && 'flour' in asked && FLOUR_KINDS.every((kind) => asked.flour[kind] !== 1)
      ? [{ is: 'asked', text: blendWords(asked.flour), way: asked }]
      : []),
    ...tubs
      .filter(({ id }) => id !== own.tub?.id)
      .map(({ id, name }) => ({ is: `tub ${id}`, text: `tub: ${name}`, way: { tub: id } })),
    ...FLOUR_KINDS.filter((kind) => own.tub !== null || own.flour[kind] !== 1).map((kind) => ({
      is: kind,
      text: FLOUR_WORDS[kind],
      way: { flour: { [kind]: 1 } },
    })),
  ];
  const chosen = ways.find(({ way }) => JSON.stringify(way) === JSON.stringify(other));
  return (
    <Panel label="Flour this time">
      <Choice
        label="Flour this time"
        options={ways}
        chosen={chosen?.is ?? OWN}
        onChoose={(is) => bench.change({ other: ways.find((way) => way.is === is)!.way })}
      />
      <Words size="small" tone="quiet">
        For this feed alone: its card stays as it is.
      </Words>
    </Panel>
  );
}
