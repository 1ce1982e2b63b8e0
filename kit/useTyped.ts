import { useRef, useState } from 'react';

/**
 * What is typed for a value that counts at once. What cannot be used is kept as typed, and the value is again what it was when
 * the field was entered: "40" on the way to "400" is nothing that anybody meant.
 *
 * @param read what a text stands for; undefined where it cannot be used
 */
export function useTyped<T extends string | number | null>(
  value: T,
  {
    textOf,
    read,
    onValue,
  }: {
    readonly textOf: (value: T) => string;
    readonly read: (text: string) => T | undefined;
    readonly onValue: (value: T) => void;
  },
) {
  const [typed, setTyped] = useState<string | null>(null);
  const [within, setWithin] = useState(false);
  const before = useRef(value);
  const told = useRef(value);
  const meant = typed === null ? undefined : read(typed);
  // Under the fingers a text stays as it is, also where its value takes a while to come back; later while it means the value.
  const stays = typed !== null && (within || meant === undefined || meant === value);
  return {
    text: stays ? typed : textOf(value),
    usable: !stays || meant !== undefined,
    onText: (to: string) => {
      setTyped(to);
      const next = read(to);
      const counts = next === undefined ? before.current : next;
      if (counts !== told.current) onValue(counts);
      told.current = counts;
    },
    onEnter: () => {
      before.current = value;
      told.current = value;
      setWithin(true);
    },
    onLeave: () => setWithin(false),
  };
}
