import { DESTINATIONS } from '@core/journal';
import { type OutTo } from '@core/verbs';
import { Choice, Words } from '@kit';

import { OUT_WORDS } from '../words';

/** What to mind where starter goes; most places need no word. */
const CAUTIONS: Readonly<Partial<Record<OutTo, string>>> = {
  animals:
    'Raw starter and dough go on rising in the stomach. For a dog that is an emergency: call a vet at once. Feeding kitchen scraps to pigs and poultry may be forbidden where you live; follow the local rules.',
  freezer:
    'Flat in a bag, or in a box with a finger’s width of space. Not in glass: it swells, and glass cracks.',
  bowl: 'It stands on the shelf by itself until it is in its dough. Feed it there as you like.',
  compost: 'Compost is fine. The sink is not: it sets hard in the pipe.',
};

/** Where what comes out goes, with what is to be minded there. */
export function DestinationChoice<T extends OutTo>({
  among = DESTINATIONS as readonly OutTo[] as readonly T[],
  chosen,
  onChoose,
  hideLabel,
  label = 'Where it goes',
}: {
  readonly label?: string;
  readonly among?: readonly T[];
  readonly chosen: T;
  readonly onChoose: (to: T) => void;
  readonly hideLabel?: boolean;
}) {
  const caution = CAUTIONS[chosen];
  return (
    <>
      <Choice
        label={label}
        {...(hideLabel ? { hideLabel } : {})}
        options={among.map((is) => ({ is, text: OUT_WORDS[is] }))}
        chosen={chosen}
        onChoose={onChoose}
      />
      {caution && (
        <Words size="small" tone={chosen === 'animals' ? 'crust' : 'quiet'} live>
          {caution}
        </Words>
      )}
    </>
  );
}
