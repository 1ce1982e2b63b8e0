import { startTransition, useEffect, useState } from 'react';

import { type Chapter, type JarEvent } from '@core/journal';
import { type Instant } from '@core/measure';

/** A chapter, and those of its entries that were asked for. */
export interface ToldChapter {
  readonly chapter: Chapter;
  readonly entries: readonly JarEvent[];
}

/** A day of the kitchen with its chapters, newest first. */
export interface ToldDay {
  /** Its local date, `2026-03-13`. */
  readonly date: string;
  readonly at: Instant;
  readonly chapters: readonly ToldChapter[];
}

/** The page is looked through in slices of so long, ms: it answers to fingers meanwhile. */
const SLICE = 12;

interface Told {
  readonly days: readonly ToldDay[];
  /** All was looked through, or there are as many entries as were wanted. */
  readonly settled: boolean;
  /** Whether there is more to be found. */
  readonly more: boolean;
}

const NOTHING: Told = { days: [], settled: false, more: false };

/**
 * The last days of which something is asked for, found in slices and shown when there is time for it: ten years of entries
 * are searched without holding up the page.
 *
 * @param chapters newest first
 * @param asked the entries of a chapter that are asked for; memoize it, for with another all is looked through anew
 * @param dateOf the local date of an instant
 * @param wanted so many entries, and the rest of the day of the last of them
 */
export function useTold(
  chapters: readonly Chapter[],
  asked: (chapter: Chapter) => readonly JarEvent[],
  dateOf: (at: Instant) => string,
  wanted: number,
): Told {
  const [told, setTold] = useState<Told>(NOTHING);
  useEffect(() => {
    let timer: ReturnType<typeof setTimeout> | undefined;
    const days: { date: string; at: Instant; chapters: ToldChapter[] }[] = [];
    let next = 0;
    let found = 0;
    // Rows are drawn behind what is being typed.
    const show = (told: Omit<Told, 'days'>) => {
      // The last day may still grow: what is shown of it is a copy.
      const shown = days.map((day, i) =>
        i < days.length - 1 ? day : { ...day, chapters: [...day.chapters] },
      );
      startTransition(() => setTold({ ...told, days: shown }));
    };
    const look = () => {
      const until = performance.now() + SLICE;
      for (; next < chapters.length; next++) {
        const chapter = chapters[next]!;
        const entries = asked(chapter);
        if (entries.length > 0) {
          const date = dateOf(chapter.at);
          let day = days.at(-1);
          if (day?.date !== date) {
            if (found >= wanted) return show({ settled: true, more: true });
            days.push((day = { date, at: chapter.at, chapters: [] }));
          }
          day.chapters.push({ chapter, entries });
          found += entries.length;
        }
        if (next % 64 === 63 && performance.now() > until) {
          next += 1;
          timer = setTimeout(look, 0);
          // What was found so far is shown; nothing found yet leaves what stood there.
          if (days.length > 0) show({ settled: false, more: true });
          return;
        }
      }
      show({ settled: true, more: false });
    };
    look();
    return () => clearTimeout(timer);
  }, [chapters, asked, dateOf, wanted]);
  return told;
}
