import { MINUTE } from '@core/measure';
import { type PromiseKept, keepPromise } from '@core/verbs';
import { Button, Notice } from '@kit';
import {
  type JarPromise,
  doneTo,
  orSaid,
  selectNow,
  selectPlaces,
  selectPromises,
  useAppDispatch,
  useAppSelector,
} from '@state';

import { useIntoPlace, useKitchenWords, usePlaceName } from '../words';
import { useJarName } from '../words/useJarName';

/** A move put off is put off by so much, ms. */
const A_LITTLE_LATER = 30 * MINUTE;

/**
 * Moves that were said beforehand: to come, to be made now, or nobody has said whether they were.
 *
 * @param only those that press, or those that wait for their hour
 */
export function Promises({
  jar,
  only,
}: {
  readonly jar?: string;
  readonly only?: 'pressing' | 'waiting';
}) {
  const promises = useAppSelector(selectPromises).filter(
    (promise) =>
      (jar === undefined || promise.jar === jar) &&
      (only === undefined || (only === 'waiting') === (promise.state === 'waits')),
  );
  return (
    <>
      {promises.map((promise) => (
        <PromiseNotice key={promise.entry} promise={promise} />
      ))}
    </>
  );
}

function PromiseNotice({ promise }: { readonly promise: JarPromise }) {
  const words = useKitchenWords();
  const placeName = usePlaceName();
  const nameOf = useJarName();
  const dispatch = useAppDispatch();
  const now = useAppSelector(selectNow);
  const name = nameOf(promise.jar);
  const into = useIntoPlace()(promise.place);
  const place = placeName(promise.place);
  const at = words.at(promise.from);
  const cold =
    useAppSelector(selectPlaces).find(({ id }) => id === promise.place)?.kind === 'fridge';
  const { state } = promise;
  const kept = (how: (now: number) => PromiseKept, text: string) => () =>
    dispatch(
      orSaid(doneTo(promise.jar, (atHand) => keepPromise(atHand, promise, how(atHand.now)), text)),
    );
  return (
    <Notice
      tone={state === 'asked' ? 'crust' : 'rim'}
      title={
        {
          waits: `${name} goes ${into} ${at}`,
          due: `Time for ${name} to go ${into}`,
          asked: `Did ${name} go ${into} ${at}?`,
        }[state]
      }
      actions={
        <>
          {state === 'asked' && (
            <Button onPress={kept(() => ({ moved: promise.from }), `${name}: ${place}, ${at}`)}>
              Yes, it did
            </Button>
          )}
          <Button
            {...(state === 'due' ? { kind: 'main' as const } : {})}
            onPress={kept((moment) => ({ moved: moment }), `${name}: ${place}, ${words.time(now)}`)}
          >
            {{ waits: 'Already there', due: 'It is there', asked: 'Only now' }[state]}
          </Button>
          <Button
            onPress={kept(
              (moment) => ({ later: Math.max(moment, promise.from) + A_LITTLE_LATER }),
              `${name}: ${place}, half an hour later`,
            )}
          >
            {state === 'waits' ? '30 min later' : 'In 30 min'}
          </Button>
          <Button kind="bare" onPress={kept(() => 'never', `${name} stays where it is`)}>
            {cold ? 'It stays out' : 'It stays'}
          </Button>
        </>
      }
    >
      {state === 'asked' ? 'Until you say, its hours allow for both.' : undefined}
    </Notice>
  );
}
