import { type ReactNode } from 'react';

import { amountsAfter } from '@core/bench';
import { type Standing } from '@core/journal';
import { type WhatNext } from '@core/next';
import { Amounts, Button } from '@kit';
import { ofJar, useAppSelector } from '@state';

import { useKitchenWords } from '../words';

interface Asked {
  readonly next: WhatNext;
  readonly standing: Standing;
  /** It stands alone: its button is large, and what else can be done is offered with it. */
  readonly beside?: boolean;
}

/** What can be done about an answer, with its amounts: the way to the bench, to its programme, to the plans. */
export function NextDoing({ next, standing, beside = true }: Asked) {
  return (
    DOING[next.because.is]?.({ next, standing, beside }) ?? (
      <Button kind="main" big={beside} href={`/jar/${next.jar}`}>
        {`To ${standing.jar.card.name}`}
      </Button>
    )
  );
}

const DOING: Readonly<Partial<Record<WhatNext['because']['is'], (asked: Asked) => ReactNode>>> = {
  quarantined: ({ beside }) => (
    <Button kind="main" big={!!beside} href="/larder">
      Look it over
    </Button>
  ),
  programme: ({ next, beside }) => (
    <>
      {next.because.is === 'programme' && next.because.run.verdict === 'going' && (
        <FeedAmounts {...next.because.feed} />
      )}
      <Button kind="main" big={!!beside} href={`/jar/${next.jar}/programme`}>
        To its programme
      </Button>
    </>
  ),
  plan: ({ beside }) => (
    <Button kind="main" big={!!beside} href="/plan">
      To the plan
    </Button>
  ),
  wish: ({ next, beside }) => (
    <>
      <Button kind="main" big={!!beside} href="/plan">
        See the plans
      </Button>
      {beside && (
        <Button kind="bare" href={`/jar/${next.jar}/feed`}>
          Feed it anyway
        </Button>
      )}
    </>
  ),
  feed: ({ next, standing, beside }) =>
    next.because.is === 'feed' && next.because.reason === 'neglected' ? (
      <Button kind="main" big={!!beside} href={`/trouble?jar=${next.jar}`}>
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
      <FeedAmounts {...amountsAfter(card, {})} />
      <Button kind="main" big href={`/jar/${id}/feed`}>
        {underWay ? 'Go on at the bench' : 'Go to the bench'}
      </Button>
    </>
  );
}

function FeedAmounts({
  keepG,
  waterG,
  flourG,
}: {
  readonly keepG: number;
  readonly waterG: number;
  readonly flourG: number;
}) {
  const words = useKitchenWords();
  return (
    <Amounts
      beside={words.ounces}
      parts={[
        ['keep', keepG],
        ['water', waterG],
        ['flour', flourG],
      ]}
    />
  );
}
