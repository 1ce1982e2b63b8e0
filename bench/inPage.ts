import { type Page, chromium } from '@playwright/test';

import { type JournalEvent } from '../core/journal';
import { pageText } from '../state/door/pages';

import { served } from './served';
import { middle, report } from './timing';
import { chromiumPath } from '../scripts/chromium.mjs';

const PORT = '4198';
const AT = '2026-03-13T18:20';
const NOW = Date.parse(`${AT}:00Z`);
const HOUR = 3_600_000;

/** What a page notes while it runs: its long tasks, and when it said it was looking for plans. */
interface Noted {
  long: (readonly [from: number, ms: number])[];
  searches: { from: number; until: number }[];
}

/** In a real page: how long the main thread is held while plans are sought, and what a slider's step costs. */
export async function inPage(): Promise<void> {
  await served(PORT, async (base) => {
    const browser = await chromium.launch({
      executablePath: chromiumPath(),
      args: ['--no-sandbox', '--disable-dev-shm-usage', '--disable-gpu'],
    });
    try {
      const page = await browser.newPage({ viewport: { width: 390, height: 844 } });
      await page.addInitScript(note);
      await solving(page, base);
      await sliding(page, base);
    } finally {
      await browser.close();
    }
  });
}

async function solving(page: Page, base: string): Promise<void> {
  await page.goto(`${base}/plan?at=${AT}`);
  await page.getByRole('region', { name: 'Plans to choose from' }).waitFor({ timeout: 60_000 });
  await page.waitForTimeout(5000);
  await page.evaluate(
    async (text) => {
      const open = indexedDB.open('ombrello');
      await new Promise((ready) => (open.onsuccess = ready));
      const writing = open.result.transaction('entries', 'readwrite');
      writing.objectStore('entries').put(text, 'demo/log/zzz');
      await new Promise((ready) => (writing.oncomplete = ready));
      open.result.close();
    },
    wishes(await jarsOf(page)),
  );
  await page.goto(`${base}/plan?at=${AT}`);
  await page.waitForTimeout(8000);
  // Moved by half an hour, so that the plans are sought again in a page that has settled.
  await page.evaluate(() => Object.assign(window, { long: [], searches: [] }));
  await page.getByRole('slider', { name: /^one/ }).focus();
  await page.keyboard.press('ArrowRight');
  await page.waitForTimeout(8000);
  const { long, searches } = await page.evaluate(() => {
    const { long, searches } = window as unknown as Noted;
    return { long, searches };
  });
  const meanwhile = long.filter(([from]) =>
    searches.some((search) => from >= search.from && from <= search.until),
  );
  const took = searches.reduce((sum, { from, until }) => sum + until - from, 0);
  report('in a page: 3 jars, 3 bakes, a trip, 10 days', `${took.toFixed(0)} ms`);
  report(
    'in a page: longest task while solving',
    meanwhile.length > 0
      ? `${Math.max(...meanwhile.map(([, ms]) => ms)).toFixed(0)} ms`
      : 'none of 50 ms or more',
    '50 ms',
  );
}

/** The keys of the demo's jars, by their names. */
const jarsOf = (page: Page): Promise<Readonly<Record<string, string>>> =>
  page.evaluate(async () => {
    const open = indexedDB.open('ombrello');
    await new Promise((ready) => (open.onsuccess = ready));
    const all = open.result.transaction('entries').objectStore('entries').getAll();
    await new Promise((ready) => (all.onsuccess = ready));
    const starts = (all.result as string[]).flatMap((text) =>
      text.split('\n').filter((line) => line.includes('"kind":"started"')),
    );
    return Object.fromEntries(
      starts.map((line) => {
        const { jar, card } = JSON.parse(line) as { jar: string; card: { name: string } };
        return [card.name, jar];
      }),
    );
  });

/** Three bakes and a trip, as a page of the journal. */
function wishes(jars: Readonly<Record<string, string>>): string {
  const iso = (hours: number) => new Date(NOW + hours * HOUR).toISOString();
  const bake = (name: string, jar: string, hours: number): JournalEvent => ({
    kind: 'wished',
    id: `bench-${name}`,
    at: iso(0),
    wish: name,
    name,
    jar: jars[jar]!,
    what: { levainG: 150, from: iso(hours), until: iso(hours + 2) },
  });
  return pageText([
    bake('one', 'Grebe', 40),
    bake('two', 'Dunlin', 121),
    bake('three', 'Grebe', 208),
    { kind: 'away', id: 'bench-trip', at: iso(0), from: iso(140), until: iso(185) },
  ]);
}

async function sliding(page: Page, base: string): Promise<void> {
  await page.goto(`${base}/jar/grebe?at=${AT}`);
  await page.getByRole('button', { name: 'What happens if I feed it' }).click();
  const slider = page.getByRole('slider', { name: 'Keep, water, flour' });
  await slider.waitFor();
  await page.waitForTimeout(3000);
  const times = await slider.evaluate(async (input: HTMLInputElement) => {
    const value = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value')!;
    const found: number[] = [];
    for (let step = 0; step < 60; step++) {
      const begin = performance.now();
      value.set!.call(input, String(1 + (step % 20) / 2));
      input.dispatchEvent(new Event('input', { bubbles: true }));
      await Promise.resolve();
      await Promise.resolve();
      found.push(performance.now() - begin);
      await new Promise(requestAnimationFrame);
    }
    return found;
  });
  const sorted = times.slice(10).sort((a, b) => a - b);
  const ninth = sorted[Math.floor(sorted.length * 0.9)]!;
  report(
    'in a page: a step of what happens if',
    `${middle(sorted).toFixed(1)} ms, nine in ten ${ninth.toFixed(1)} ms`,
    '16 ms',
  );
}

/** Runs in the page, before anything else. */
function note(): void {
  const noted = window as unknown as Noted;
  noted.long = [];
  noted.searches = [];
  new PerformanceObserver((list) => {
    for (const { startTime, duration } of list.getEntries()) noted.long.push([startTime, duration]);
  }).observe({ type: 'longtask', buffered: true });
  new MutationObserver(() => {
    const statuses = [...document.querySelectorAll('[role=status]')];
    const on = statuses.some(({ textContent }) => textContent?.startsWith('Looking for plans'));
    const last = noted.searches[noted.searches.length - 1];
    if (on && (!last || last.until > 0)) noted.searches.push({ from: performance.now(), until: 0 });
    if (!on && last?.until === 0) last.until = performance.now();
  }).observe(document, { childList: true, subtree: true });
}
