import { useState } from 'react';

import { daysAway } from '@core/rescue';
import { PageTitle, Choices, MomentField, Page, Panel, Button, Words } from '@kit';
import {
  selectJars,
  selectNow,
  selectTrips,
  tripAdded,
  useAppDispatch,
  useAppSelector,
} from '@state';
import { DAY, HOUR } from '@core/measure';

import { useKitchenWords } from '../words';
import { JarAway } from './JarAway';

/** Longer than this is not a trip. */
const LONGEST_DAYS = 730;

/** How long, which jars, what to do before, and what after to be ripe by a date. */
export function AwayScreen() {
  const words = useKitchenWords();
  const dispatch = useAppDispatch();
  const now = useAppSelector(selectNow);
  const jars = useAppSelector(selectJars);
  const trips = useAppSelector(selectTrips);
  const next = trips.find((trip) => trip.until > now);
  const whole = (at: number) => words.fieldText(Math.ceil(at / HOUR) * HOUR);
  const [from, setFrom] = useState(() => whole(next?.from ?? now + DAY));
  const [until, setUntil] = useState(() => whole(next?.until ?? now + 8 * DAY));
  const [ripeBy, setRipeBy] = useState('');
  const [chosen, setChosen] = useState<readonly string[]>(() => jars.map(({ id }) => id));
  const leaves = words.instantOf(from);
  const home = words.instantOf(until);
  const days = daysAway(leaves, home);
  const problem =
    Number.isNaN(leaves) || Number.isNaN(home)
      ? 'Give a day and a time for both.'
      : home <= leaves
        ? 'You come back before you leave: check the two dates.'
        : home < now
          ? 'That trip is over.'
          : leaves < now - LONGEST_DAYS * DAY || home > now + 2 * LONGEST_DAYS * DAY
            ? 'Check the year.'
            : days > LONGEST_DAYS
              ? 'Two years at most. For longer than that, dry it.'
              : null;
  const wanted = ripeBy === '' ? null : words.instantOf(ripeBy);
  const known = trips.some((trip) => trip.from === leaves && trip.until === home);
  return (
    <Page title="Going away" narrow>
      <PageTitle>Going away</PageTitle>
      <Panel label="The trip">
        <MomentField label="Leaving" text={from} onText={setFrom} problem={problem} />
        <MomentField label="Back" text={until} onText={setUntil} />
        <MomentField label="Starter ripe again by (optional)" text={ripeBy} onText={setRipeBy} />
        {jars.length > 0 && (
          <Choices
            label="Jars"
            options={jars.map(({ id: is, card }) => ({ is, text: card.name }))}
            chosen={chosen}
            onChoose={setChosen}
          />
        )}
        {problem === null && (
          <Button
            disabled={known}
            onPress={() =>
              dispatch(
                tripAdded(
                  leaves,
                  home,
                  `Away ${words.moment(leaves)} to ${words.moment(home)}: it is in your plan`,
                ),
              )
            }
          >
            {known ? 'It is in your plan' : 'Add to my plan'}
          </Button>
        )}
      </Panel>
      {jars.length === 0 && (
        <Words tone="quiet">There is no jar on the shelf to leave behind.</Words>
      )}
      {problem === null &&
        jars
          .filter(({ id }) => chosen.includes(id))
          .map((jar) => (
            <JarAway
              key={jar.id}
              jar={jar}
              days={days}
              home={home}
              ripeBy={wanted !== null && !Number.isNaN(wanted) ? wanted : null}
            />
          ))}
    </Page>
  );
}
