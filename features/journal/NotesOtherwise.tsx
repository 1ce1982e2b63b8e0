import { useState } from 'react';

import { type JournalTable } from '@core/formats/journalTable';
import { type TableAsked } from '@core/formats/tableSense';
import { type Role } from '@core/formats/tableRoles';
import { DESTINATIONS } from '@core/journal';
import { Choice, Folded, NumberField } from '@kit';

import { DayOrderChoice } from '../parts/DayOrderChoice';
import { DESTINATION_WORDS, ORDER_WORDS } from '../words';

/** What is asked of the columns; the rest is known by the names that our own tables give it. */
const ASKED: readonly (readonly [Role, string])[] = [
  ['when', 'The day'],
  ['time', 'The time'],
  ['jar', 'The jar'],
  ['keep', 'What was kept'],
  ['flour', 'Flour'],
  ['water', 'Water'],
  ['ratio', 'The ratio'],
  ['rise', 'The rise'],
  ['out', 'What was taken out'],
  ['note', 'The note'],
];
const NONE = -1;

/** Columns, dates and units, where they were guessed wrong. */
export function NotesOtherwise({
  table,
  onAsk,
}: {
  readonly table: JournalTable;
  readonly onAsk: (asked: TableAsked) => void;
}) {
  const { names, roles, order, orders, weights, rises, keepG, keepMissing, to, toMissing } = table;
  const [columns, setColumns] = useState(false);
  return (
    <Folded
      title="Read it otherwise"
      said={`Days ${ORDER_WORDS[order]}, weights in ${weights}, rises ${rises === 'percent' ? 'in %' : 'as times the band'}`}
      open={orders.length > 1 || keepMissing || toMissing}
    >
      <DayOrderChoice order={order} onOrder={(is) => onAsk({ order: is })} />
      <Choice
        label="Weights are in"
        options={[
          { is: 'grams' as const, text: 'grams' },
          { is: 'ounces' as const, text: 'ounces' },
        ]}
        chosen={weights}
        onChoose={(is) => onAsk({ weights: is })}
      />
      {roles.rise !== undefined && (
        <Choice
          label="A rise is"
          options={[
            { is: 'percent' as const, text: '% above the band' },
            { is: 'times' as const, text: 'times the band' },
          ]}
          chosen={rises}
          onChoose={(is) => onAsk({ rises: is })}
        />
      )}
      {keepMissing && (
        <NumberField
          label="Kept at a feed, where it does not say"
          unit="g"
          value={keepG}
          low={1}
          high={2000}
          onValue={(to) => onAsk({ keepG: to })}
        />
      )}
      {toMissing && (
        <Choice
          label="What was taken out went, where it does not say, to"
          options={DESTINATIONS.map((is) => ({ is, text: DESTINATION_WORDS[is] }))}
          chosen={to}
          onChoose={(is) => onAsk({ to: is })}
        />
      )}
      <Choice
        label="The columns"
        options={[
          { is: false, text: 'as guessed' },
          { is: true, text: 'let me choose' },
        ]}
        chosen={columns}
        onChoose={setColumns}
      />
      {columns &&
        ASKED.map(([role, label]) => (
          <Choice
            key={role}
            label={`${label} is in`}
            options={[
              ...(role === 'when' ? [] : [{ is: NONE, text: 'none' }]),
              ...names.map((text, is) => ({ is, text })),
            ]}
            chosen={roles[role] ?? NONE}
            onChoose={(column) => {
              // A column holds one thing.
              const others = Object.entries(roles).filter(
                ([of, at]) => of !== role && at !== column,
              );
              onAsk({
                roles: {
                  ...Object.fromEntries(others),
                  ...(column === NONE ? {} : { [role]: column }),
                },
              });
            }}
          />
        ))}
    </Folded>
  );
}
