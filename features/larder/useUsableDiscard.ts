import { useState } from 'react';

import { isOfUse } from '@core/larder';
import { selectGoodLots, selectNow, selectSpokenFor, useAppSelector } from '@state';

export const EVERYBODYS = '';

/** The discard of the fridge that something can be made of now, and what is left out of it: kept for a bake, or too old. */
export function useUsableDiscard() {
  const now = useAppSelector(selectNow);
  const good = useAppSelector(selectGoodLots);
  const { claims, free } = useAppSelector(selectSpokenFor);
  const [spent, setSpent] = useState(false);
  const [whose, setWhose] = useState(EVERYBODYS);
  const inFridge = (spent ? good : free).filter(
    ({ store, thawedAt }) => store === 'fridge' && (thawedAt === null || thawedAt <= now),
  );
  const fit = inFridge.filter(isOfUse);
  const jars = [...new Set(fit.map(({ jar }) => jar))];
  // What is used up is chosen no more.
  const from = jars.includes(whose) ? whose : EVERYBODYS;
  const usable = fit.filter(({ jar }) => from === EVERYBODYS || jar === from);
  return {
    usable,
    /** Of what is usable, what is good only where sour is. */
    old: usable.filter(({ keeping }) => keeping === 'old'),
    tooOld: inFridge.filter((lot) => !isOfUse(lot)),
    /** What bakes in the plan have of it. */
    claims: claims.filter(({ thereG }) => thereG > 0),
    /** Whether that is counted in all the same. */
    spent,
    setSpent,
    jars,
    from,
    setWhose,
  };
}

export type UsableDiscard = ReturnType<typeof useUsableDiscard>;
