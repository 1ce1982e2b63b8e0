import { Choice, NumberField, Panel, Words, FieldRow } from '@kit';

import { useSetting } from './useSetting';

/** What a new starter is fed, and how the bench weighs. Each jar's own card goes before this. */
export function SchoolPanel() {
  const { settings, set } = useSetting();
  return (
    <Panel label="The school">
      <Words size="title" level={2}>
        The school
      </Words>
      <Words size="small" tone="quiet">
        What a new jar begins with. Each jar has its own feed on its card.
      </Words>
      <FieldRow>
        <NumberField
          label="Flour to 1 of keep"
          value={settings.parts}
          low={0.25}
          high={20}
          onValue={(parts) => set({ parts })}
        />
        <NumberField
          label="Hydration"
          unit="%"
          value={settings.hydrationPct}
          low={40}
          high={200}
          onValue={(hydrationPct) => set({ hydrationPct })}
        />
      </FieldRow>
      <Choice
        label="Into the jar"
        options={[
          { is: 'waterFirst' as const, text: 'Water first' },
          { is: 'flourFirst' as const, text: 'Flour first' },
        ]}
        chosen={settings.order}
        onChoose={(order) => set({ order })}
      />
      <Words size="small" tone="quiet">
        Water first is the safer habit: you can lift extra flour off the top, but not take extra
        water out.
      </Words>
      <Choice
        label="On the scale"
        options={[
          { is: 'tare' as const, text: 'Tare each portion' },
          { is: 'inJar' as const, text: 'Leave it, with the jar' },
        ]}
        chosen={settings.weighing}
        onChoose={(weighing) => set({ weighing })}
      />
      <Choice
        label="A levain for a bake"
        options={[
          { is: 'jar' as const, text: 'In the jar itself' },
          { is: 'beside' as const, text: 'In a bowl beside it' },
        ]}
        chosen={settings.levainIn}
        onChoose={(levainIn) => set({ levainIn })}
      />
      <Choice
        label="The water"
        options={[
          { is: 'tap' as const, text: 'from the tap' },
          { is: 'stood' as const, text: 'stood or boiled' },
          { is: 'filtered' as const, text: 'filtered' },
        ]}
        chosen={settings.water}
        onChoose={(water) => set({ water })}
      />
      {settings.water !== 'filtered' && (
        <Words size="small" tone="quiet">
          {settings.water === 'tap'
            ? 'If it smells of chlorine, let it stand overnight, boil and cool it, or filter it: chlorine slows a starter down.'
            : 'That drives chlorine out, but not chloramine: where the waterworks use that, only a filter helps.'}
        </Words>
      )}
      <Choice
        label="A clean jar"
        options={[
          { is: 'eachFeed' as const, text: 'at every feed' },
          { is: 'weeks' as const, text: 'every three weeks' },
          { is: 'asItLooks' as const, text: 'when it looks so' },
        ]}
        chosen={settings.cleanJar}
        onChoose={(cleanJar) => set({ cleanJar })}
      />
    </Panel>
  );
}
