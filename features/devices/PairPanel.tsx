import { useState, useSyncExternalStore } from 'react';
import { useStore } from 'react-redux';

import { codeOf } from '@core/pairing';
import { Button, Notice, Panel, Words, isOnlyHere, pageUrl } from '@kit';
import { type Store, noticed } from '@state';
import { type Paired, pairWith, pairedNow, unpair, watchPaired } from '@state/pairing';

import { useCopy } from '../parts/useCopy';
import { QrCode } from './QrCode';

const IS_WORDS: Readonly<Record<Exclude<Paired['is'], 'none'>, string>> = {
  broken: 'The line to the hub is broken. It is tried again by itself.',
  away: 'The other device is not here. What either of you enters goes over when both are open.',
  exchanging: 'Both say what they have …',
  pictures: 'Both devices have the same entries. Pictures are on their way …',
  together: 'Both devices have the same.',
  unread:
    'Some of what the other device has cannot be read here. Load the newest version on both, and it goes over then.',
};

/** A telephone at the bench and a computer for the week, in one kitchen. */
export function PairPanel({
  hubKey,
  offered,
}: {
  readonly hubKey: string;
  readonly offered: string | null;
}) {
  const store = useStore() as Store;
  const copy = useCopy();
  const { pair, is, came } = useSyncExternalStore(watchPaired, pairedNow);
  const [shown, setShown] = useState(false);
  const [code, setCode] = useState(offered);
  const say = (text: string) => void store.dispatch(noticed({ text, undo: [] }));
  const begin = (with_: string | null) =>
    void pairWith(store, with_).then((paired) => {
      setCode(null);
      setShown(with_ === null && paired);
      if (!paired) say('That is no code of another device');
    });
  const link = pair ? `${pageUrl(`/devices?key=${hubKey}`)}#pair=${codeOf(pair)}` : '';
  return (
    <Panel label="Another device">
      <Words size="title" level={2}>
        Another device
      </Words>
      {code && !pair ? (
        <Notice
          title="This device can join a kitchen on another one."
          actions={
            <>
              <Button kind="main" onPress={() => begin(code)}>
                Join it
              </Button>
              <Button onPress={() => setCode(null)}>Not now</Button>
            </>
          }
        >
          What is in either of them will be in both, and what one enters the other has too. Neither
          loses anything.
        </Notice>
      ) : pair ? (
        <>
          <Words strong live>
            {is === 'none' ? IS_WORDS.away : IS_WORDS[is]}
          </Words>
          {came > 0 && (
            <Words tone="quiet">{`${came} ${came === 1 ? 'entry' : 'entries'} came from it.`}</Words>
          )}
          {shown ? (
            <>
              <QrCode text={link} size={240} label="The code for the other device" />
              <Words>
                Scan it with the other device, or open the link there. Whoever has it can read this
                kitchen: show it to nobody else.
              </Words>
              {isOnlyHere() && (
                <Words tone="crust">
                  This page was opened by a name that only this machine knows. For another one start
                  the server with HOST=0.0.0.0 and open it here by the address that it prints.
                </Words>
              )}
              <Button
                kind="bare"
                onPress={() => copy(link, 'The link for the other device is copied')}
              >
                Copy the link
              </Button>
            </>
          ) : (
            <Button onPress={() => setShown(true)}>Show the code</Button>
          )}
          <Button kind="bare" onPress={() => void unpair(store).then(() => setShown(false))}>
            Unpair this device
          </Button>
        </>
      ) : (
        <>
          <Words>
            A telephone at the bench and a computer for the week: what you enter on one is on the
            other. It goes through the hub, sealed; the hub cannot read it and keeps nothing.
          </Words>
          <Button onPress={() => begin(null)}>Pair another device</Button>
        </>
      )}
    </Panel>
  );
}
