import { type Page, chromium } from '@playwright/test';

import { USUAL_PLACES } from '../core/ferment';
import { type JournalEvent } from '../core/journal';
import { DAY, HOUR } from '../core/measure';
import { FULL_PAGE, pageText } from '../state/door/pages';
import { served } from './served';
import { middle, report } from './timing';
import { chromiumPath } from '../scripts/chromium.mjs';

const PORT = '4199';
const NOW = Date.parse('2026-03-13T18:20:00Z');
const AT = '2026-03-13T18:20';
const iso = (at: number) => new Date(at).toISOString();
const NAMES = ['Tern', 'Knot', 'Ruff', 'Smew', 'Twite'];

/** A kitchen kept for years: each jar fed, looked at and reduced every day, and baked with every week. */
export function yearsOf(jars: number, years: number): readonly JournalEvent[] {
  const days = Math.round(years * 365);
  const begin = NOW - days * DAY - 10 * HOUR;
  const events: JournalEvent[] = USUAL_PLACES.map((place) => ({
    kind: 'arranged',
    id: `place-${place.id}`,
    at: iso(begin),
    place,
  }));
  events.push({ kind: 'zoned', id: 'zone', at: iso(begin), zone: 'Europe/Lisbon', always: true });
  for (const name of NAMES.slice(0, jars))
    events.push({
      kind: 'started',
      id: `start-${name}`,
      jar: `jar-${name}`,
      at: iso(begin),
      card: {
        name,
        vessel: { emptyG: 300, capacityMl: 600 },
        keepG: 20,
        ratio: { flour: 4, water: 4 },
        flour: { white: 1 },
        archived: false,
      },
      massG: 100,
      hydrationPct: 100,
      condition: 'hungry',
      place: 'counter',
    });
  for (let day = 0; day < days; day++)
    for (const name of NAMES.slice(0, jars)) {
      const at = begin + HOUR + day * DAY;
      const common = { jar: `jar-${name}` };
      const id = (what: string) => `${what}-${name}-${day}-abcdefghij`;
      events.push(
        { kind: 'discarded', id: id('o'), ...common, at: iso(at), grams: 160, to: 'compost' },
        {
          kind: 'fed',
          id: id('f'),
          ...common,
          at: iso(at),
          keepG: 20,
          flourG: 80,
          waterG: 80,
          flour: { white: 1 },
        },
        { kind: 'looked', id: id('l'), ...common, at: iso(at + 7 * HOUR), height: 1.9 },
        { kind: 'looked', id: id('p'), ...common, at: iso(at + 9 * HOUR), sign: 'peaked' },
      );
      if (day % 7 === 5)
        events.push({ kind: 'took', id: id('t'), ...common, at: iso(at + 9 * HOUR), grams: 60 });
    }
  return events;
}

/** Puts a kitchen into the browser's store before the application opens it. */
export async function put(
  page: Page,
  base: string,
  events: readonly JournalEvent[],
): Promise<void> {
  await page.goto(`${base}/api/health`);
  const pages: Record<string, string> = { open: 'own' };
  for (let i = 0; i < events.length; i += FULL_PAGE)
    pages[`own/log/000.${String(i / FULL_PAGE).padStart(5, '0')}`] = pageText(
      events.slice(i, i + FULL_PAGE),
    );
  await page.evaluate(async (all) => {
    const open = indexedDB.open('ombrello', 1);
    open.onupgradeneeded = () => open.result.createObjectStore('entries');
    await new Promise((ready) => (open.onsuccess = ready));
    const writing = open.result.transaction('entries', 'readwrite');
    for (const [key, text] of Object.entries(all)) writing.objectStore('entries').put(text, key);
    await new Promise((ready) => (writing.oncomplete = ready));
    open.result.close();
  }, pages);
}

/** A kitchen of many years: how long it takes to open, and to write one more look down. */
export async function decades(): Promise<void> {
  await served(PORT, async (base) => {
    for (const [jars, years, aim] of [
      [5, 10, '1500 ms'],
      [3, 3, '900 ms'],
    ] as const) {
      const events = yearsOf(jars, years);
      const name = `${years} years of ${jars} jars`;
      const browser = await chromium.launch({
        executablePath: chromiumPath(),
        args: ['--no-sandbox', '--disable-dev-shm-usage', '--disable-gpu'],
      });
      const page = await browser.newPage({ viewport: { width: 390, height: 844 } });
      await put(page, base, events);
      const open = async () => {
        const begin = Date.now();
        await page.goto(`${base}/?at=${AT}`, { waitUntil: 'commit' });
        await page.getByRole('link', { name: /^Tern,/ }).waitFor();
        return Date.now() - begin;
      };
      const first = await open();
      report(`${name}, ${events.length} entries, first opening`, `${first} ms`);
      // Everything is worked out and kept.
      await page
        .getByRole('heading', { name: /^Feed|^Put|^Take|^Nothing/ })
        .first()
        .waitFor({ timeout: 120_000 });
      await page.waitForTimeout(6000);
      const times: number[] = [];
      for (let run = 0; run < 5; run++) {
        times.push(await open());
        await page.waitForTimeout(1500);
      }
      const sorted = times.sort((a, b) => a - b);
      report(`${name}, opened to the first jar`, `${middle(sorted)} ms, best ${sorted[0]} ms`, aim);
      report(`${name}, a look until it is saved`, await looking(page, base), '100 ms');
      report(`${name}, journal searched and scrolled`, await reading(page, base), '50 ms');
      report(`${name}, the page that is slowest to come`, await walking(page, base), '500 ms');
      const session = await page.context().newCDPSession(page);
      await session.send('HeapProfiler.collectGarbage');
      const { usedSize } = await session.send('Runtime.getHeapUsage');
      report(`${name}, memory`, `${(usedSize / 1e6).toFixed(0)} MB`);
      await browser.close();
    }
  });
}

/** Logs looks and waits until they are said to be saved. */
async function looking(page: Page, base: string): Promise<string> {
  await page.goto(`${base}/jar/tern?at=${AT}`);
  await page.getByLabel('Rise above the band').waitFor();
  await page.waitForTimeout(4000);
  const times: number[] = [];
  for (let run = 0; run < 8; run++) {
    await page.getByLabel('Rise above the band').fill(String(60 + run));
    times.push(
      await page.evaluate(
        async (text) => {
          const button = [...document.querySelectorAll('[role=button]')].find(
            (one) => one.textContent === 'Log this look',
          ) as HTMLElement;
          const begin = performance.now();
          button.click();
          while (!document.querySelector('[role=status]')?.textContent.includes(text))
            await new Promise((next) => setTimeout(next, 1));
          return performance.now() - begin;
        },
        `${60 + run} % up`,
      ),
    );
    await page.waitForTimeout(700);
  }
  const sorted = times.sort((a, b) => a - b);
  return `${middle(sorted).toFixed(0)} ms, best ${sorted[0]!.toFixed(0)} ms`;
}

/** Types words into the journal's search and scrolls through what it finds: the longest stretch in which the page is held. */
async function reading(page: Page, base: string): Promise<string> {
  await page.goto(`${base}/journal?at=${AT}`);
  await page.getByRole('button', { name: 'Narrow it' }).click();
  await page.waitForTimeout(4000);
  await page.evaluate(() => {
    const held: number[] = [];
    (window as unknown as { held: number[] }).held = held;
    new PerformanceObserver((list) => {
      for (const { duration } of list.getEntries()) held.push(duration);
    }).observe({ type: 'longtask' });
  });
  const held = () =>
    page.evaluate(() => {
      const { held: all } = window as unknown as { held: number[] };
      return Math.max(0, ...all.splice(0));
    });
  const words = page.getByRole('textbox', { name: 'With these words' });
  await words.pressSequentially('twite peak', { delay: 120 });
  await page.waitForTimeout(3000);
  const typing = await held();
  for (let i = 0; i < 30; i++) {
    await page.mouse.move(195, 500);
    await page.mouse.wheel(0, 400);
    await page.waitForTimeout(60);
  }
  const scrolling = await held();
  const text = (ms: number) => (ms === 0 ? 'under 50' : ms.toFixed(0));
  return `typing ${text(typing)} ms, scrolling ${text(scrolling)} ms`;
}

/** Pages that show what the years came to. */
const TOLD = ['/larder', '/jar/tern', '/make', '/charts?jar=tern&beside=knot', '/year', '/compare'];

/** Goes from page to page as a link does: the longest that one of them holds the browser, and which. */
async function walking(page: Page, base: string): Promise<string> {
  await page.goto(`${base}/help?at=${AT}`);
  await page.waitForTimeout(4000);
  const held: { path: string; ms: number }[] = [];
  for (const path of TOLD) {
    const ms = await page.evaluate(async (to) => {
      let longest = 0;
      const observer = new PerformanceObserver((list) => {
        for (const { duration } of list.getEntries()) longest = Math.max(longest, duration);
      });
      observer.observe({ type: 'longtask' });
      history.pushState(null, '', to);
      dispatchEvent(new PopStateEvent('popstate', { state: null }));
      await new Promise((later) => setTimeout(later, 2500));
      observer.disconnect();
      return longest;
    }, path);
    held.push({ path, ms });
  }
  const { path, ms } = held.reduce((a, b) => (b.ms > a.ms ? b : a));
  return `${ms.toFixed(0)} ms, ${path}`;
}
