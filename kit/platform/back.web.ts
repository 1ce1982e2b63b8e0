/**
 * Back, for what lies over a page: an open sheet, a step at the bench. Each gets an entry of its own in the browser's history,
 * a copy of the page's that says how many it is above it. Back takes away what is on top, and only then the page.
 *
 * The router knows nothing of these entries, and must not: where it pushes, replaces or goes back while one of them is
 * shown, it means the page below. What was closed in another way leaves its entry behind, to be used again or skipped.
 */

/** An entry of the history: the router's id, and how many entries above the page's own it is. */
interface Entry {
  readonly id?: string;
  readonly above?: number;
}

/** What lies over the page, the newest last. */
const layers: (() => void)[] = [];

const entryNow = (): Entry => (window.history.state as Entry | null) ?? {};
const aboveNow = (): number => entryNow().above ?? 0;
const address = (): string => window.location.pathname + window.location.search;

/** Where the page stood when it was last looked: its address, its entry, and how far above it the browser was. */
let page = { at: '', above: 0, entry: {} as Entry };
const noteWhere = (): void => {
  page = { at: address(), above: aboveNow(), entry: entryNow() };
};

/** What is to happen once the browser has arrived where it was sent, unseen by the router. */
const arrivals: (() => void)[] = [];

function onPop(event: PopStateEvent): void {
  const arrived = arrivals.shift();
  if (arrived) {
    event.stopImmediatePropagation();
    arrived();
    return noteWhere();
  }
  const before = page;
  const here = address() === before.at;
  const to = aboveNow();
  noteWhere();
  // To another page, or forward: the router's affair.
  if (!here || to === before.above) return;
  event.stopImmediatePropagation();
  // A reload gives the page another entry than those that were above it.
  original.replaceState({ ...before.entry, above: to }, '');
  noteWhere();
  if (to > before.above) return;
  const close = layers.pop();
  // Nothing lay over it any more, so Back meant the page.
  if (!close) return original.go(-to - 1);
  if (to > layers.length) sendTo(layers.length - to, noteWhere);
  close();
}

/** Sends the browser some entries on or back without the router. */
function sendTo(by: number, then: () => void): void {
  arrivals.push(then);
  original.go(by);
}

const original = {
  go: (_by: number): void => undefined,
  pushState: (_entry: unknown, _title: string, _to?: string | URL | null): void => undefined,
  replaceState: (_entry: unknown, _title: string, _to?: string | URL | null): void => undefined,
};

/** Stands between the router and the history. */
function watch(): void {
  const { history } = window;
  original.go = history.go.bind(history);
  original.pushState = history.pushState.bind(history);
  original.replaceState = history.replaceState.bind(history);
  // In place of the first entry above the page: the new page lies on the page.
  history.pushState = (entry, title, to) => {
    if (aboveNow() > 0) original.replaceState(entry, title, to);
    else original.pushState(entry, title, to);
    noteWhere();
  };
  history.replaceState = (entry, title, to) => {
    const above = aboveNow();
    const same = !to || new URL(to, window.location.href).href === window.location.href;
    if (above === 0) original.replaceState(entry, title, to);
    else if (same) original.replaceState({ ...(entry as Entry), above }, title, to);
    else return sendTo(-above, () => original.replaceState(entry, title, to));
    noteWhere();
  };
  history.go = (by = 0) => original.go(by < 0 ? by - aboveNow() : by);
  window.addEventListener('popstate', onPop, { capture: true });
  noteWhere();
}

// Listeners of the window are called in the order in which they came: the router's comes once it is drawn.
watch();

/**
 * While something lies over the page, Back takes it away.
 *
 * @param times how often Back is to do so before the page is left
 * @returns a function that ends it
 */
export function onBack(times: number, back: () => void): () => void {
  const mine = Array.from({ length: times }, () => () => back());
  layers.push(...mine);
  noteWhere();
  for (let above = aboveNow() + 1; above <= layers.length; above++)
    original.pushState({ ...entryNow(), above }, '');
  noteWhere();
  return () => {
    for (const one of mine) {
      const at = layers.indexOf(one);
      if (at >= 0) layers.splice(at, 1);
    }
  };
}
