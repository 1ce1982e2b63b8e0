import { type ReactNode } from 'react';

import { amountsAfter } from '@core/bench';
import { type Standing } from '@core/journal';
import { type WhatNext } from '@core/next';
import { Button } from '@kit';
import { ofJar, useAppSelector } from '@state';

import { BuildFigures, FeedFigures } from './FeedFigures';

interface Asked {
  readonly next: WhatNext;
  readonly standing: Standing;
  /** It stands alone: its button is large, and what else can be done is offered with it. */
  readonly alone: boolean;
}

/** What can be done about an answer, with its amounts: the way to the bench, to its programme, to the plans. */
export function NextDoing({ next, standing, alone }: Asked) {
  return (
    DOING[next.because.is]?.({ next, standing, alone }) ??
    // On its own page there is nowhere else to go.
    (alone && (
      <Button kind="main" big href={`/jar/${next.jar}`}>
        {`To ${standing.jar.card.name}`}
      </Button>
    ))
  );
}

const DOING: Readonly<Partial<Record<WhatNext['because']['is'], (asked: Asked) => ReactNode>>> = {
  quarantined: ({ alone }) => (
    <Button kind="main" big={alone} href="/larder">
      Look it over
    </Button>
  ),
  programme: ({ next, alone }) => (
    <>
      {next.because.is === 'programme' && next.because.run.verdict === 'going' && (
        <FeedFigures {...next.because.feed} />
      )}
      <Button kind="main" big={alone} href={`/jar/${next.jar}/programme`}>
        To its programme
      </Button>
    </>
  ),
  plan: ({ alone }) => (
    <Button kind="main" big={alone} href="/plan">
      To the plan
    </Button>
  ),
  wish: ({ next, alone }) => (
    <>
      <Button kind="main" big={alone} href="/plan">
        See the plans
      </Button>
      {alone && (
        <Button kind="bare" href={`/jar/${next.jar}/feed`}>
          Feed it anyway
        </Button>
      )}
    </>
  ),
  build: ({ next, alone }) => (
    <>
      {next.because.is === 'build' && <BuildFigures {...next.because.build} />}
      <Button kind={alone ? 'main' : 'plain'} big={alone} href={`/jar/${next.jar}/feed`}>
        To the bench
      </Button>
    </>
  ),
  feed: ({ next, standing, alone }) =>
    next.because.is === 'feed' && next.because.reason === 'neglected' ? (
      <Button kind="main" big={alone} href={`/trouble?jar=${next.jar}`}>
        See what it needs
      </Button>
    ) : (
      <UsualFeed standing={standing} />
    ),
};

/** The usual feed of its card, and the way to the bench. */
function UsualFeed({ standing }: { readonly standing: Standing }) {
  const { id, card } = standing.jar;
  const underWay = useAppSelector((state) => ofJar(state.bench, id));
  return (
    <>
      <FeedFigures {...amountsAfter(card, {})} />
      <Button kind="main" big href={`/jar/${id}/feed`}>
        {underWay ? 'Go on at the bench' : 'Go to the bench'}
      </Button>
    </>
  );
}
