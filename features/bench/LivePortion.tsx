import { useEffect, useRef } from 'react';
import { View } from 'react-native';

import { type Portion } from '@core/bench';
import { type OnTheScale, portionOn, slackOf } from '@core/devices/onTheScale';
import { Button, Words } from '@kit';

import { type LiveScale } from './useScale';

/** What is on the scale by now, and how much is missing: in words as much as in numbers. */
export function LivePortion({
  weighed,
  wanted,
  portion,
  order,
  takesOut,
  onByHand,
}: {
  readonly weighed: OnTheScale;
  readonly wanted: number;
  readonly portion: Portion;
  readonly order: readonly Portion[];
  /** The rest is taken out of the jar on the scale until the keep is left. */
  readonly takesOut: boolean;
  readonly onByHand: () => void;
}) {
  const grams = portionOn(weighed);
  return (
    <View role="group" aria-label="On the scale">
      <Words size="small" tone="quiet">
        On the scale
      </Words>
      <Words size="number">{`${Math.round(grams)} g`}</Words>
      <Words strong>{liveWords(weighed, grams, wanted, takesOut, order.at(-1) === portion)}</Words>
      <Button kind="bare" onPress={onByHand}>
        Type it instead
      </Button>
    </View>
  );
}

function liveWords(
  { without, lifted, rests }: OnTheScale,
  grams: number,
  wanted: number,
  takesOut: boolean,
  last: boolean,
): string {
  if (without === null) return 'Wait until it rests.';
  if (lifted) return 'The jar is off. Put it back to go on.';
  const left = wanted - grams;
  if (Math.abs(left) <= slackOf(wanted)) return rests === null ? 'Stop.' : 'That is it.';
  if (left > 0) return left > 15 ? `${Math.round(left)} g to go.` : `Slowly: ${Math.round(left)} g to go.`; // oxfmt-ignore
  if (takesOut) return `${Math.round(-left)} g to take out.`;
  return `${Math.round(-left)} g over. ${last ? 'Take some off, or leave it.' : 'That is fine.'}`;
}

/** What to do about a scale that is not there any more, or is not used. */
export function ScaleAway({
  is,
  byHand,
  onScale,
}: {
  readonly is: LiveScale['is'];
  readonly byHand: boolean;
  readonly onScale: () => void;
}) {
  if (is === 'live' && byHand)
    return (
      <Button kind="bare" onPress={onScale}>
        Use the scale
      </Button>
    );
  if (is === 'off')
    return (
      <Words tone="crust" live>
        The scale switched itself off. Switch it on again, and it goes on from here.
      </Words>
    );
  return is === 'silent' ? (
    <Words tone="crust" live>
      Nothing comes from the scale any more. Type what it reads, or wait until it is back.
    </Words>
  ) : null;
}

/** Goes on by itself, once, when what was asked for is in. */
export function useHandsFree(poured: boolean, goOn: () => void): void {
  const latest = useRef(goOn);
  useEffect(() => {
    latest.current = goOn;
  });
  useEffect(() => {
    if (poured) latest.current();
  }, [poured]);
}
