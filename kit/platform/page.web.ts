/** The page is loaded again. */
export const reload = (): void => window.location.reload();

/** Goes to an address of this host, as a browser does, with everything loaded anew. */
export const goTo = (path: string): void => window.location.assign(path);

/** The whole address of a page of the application, for somebody else's browser. */
export const pageUrl = (path: string): string =>
  new URL(`${process.env.EXPO_BASE_URL ?? ''}${path}`, window.location.origin).href;

/** What stands behind the # of the address: it never leaves the browser. */
export const pageFragment = (): string => window.location.hash.slice(1);

/** Whether the page was opened by a name that leads here from this machine only. */
export const isOnlyHere = (): boolean =>
  ['localhost', '127.0.0.1', '[::1]'].includes(window.location.hostname);

/** What the browser's tab and its history call the page. */
export function titlePage(title: string): void {
  document.title = title;
}

/** What lies behind everything takes a colour, and the browser's own parts go with it. */
export function paintPage(ground: string, dark: boolean): void {
  document.body.style.backgroundColor = ground;
  document.documentElement.style.colorScheme = dark ? 'dark' : 'light';
}

/** Puts a text where it can be pasted from; false where the browser does not let it. */
export const copyText = (text: string): Promise<boolean> =>
  navigator.clipboard.writeText(text).then(
    () => true,
    () => false,
  );

/**
 * Listens for single keys, but not while somebody types or a sheet is open.
 *
 * @returns a function that stops listening
 */
export function onSingleKey(pressed: (key: string) => void): () => void {
  const onKey = (event: KeyboardEvent) => {
    const target = event.target as HTMLElement;
    const typing = /^(INPUT|TEXTAREA|SELECT)$/.test(target.tagName);
    if (typing || event.ctrlKey || event.metaKey || event.altKey) return;
    if (document.querySelector('[role="dialog"]')) return;
    pressed(event.key);
  };
  document.addEventListener('keydown', onKey);
  return () => document.removeEventListener('keydown', onKey);
}

/** Where a point of the window is in something on the page, pixels from its upper left corner, and how large that is. */
export function pointIn(
  element: unknown,
  { x, y }: { readonly x: number; readonly y: number },
): {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
} {
  const box = (element as HTMLElement).getBoundingClientRect();
  const { width, height } = box;
  return { x: x - box.left, y: y - box.top, width, height };
}

/** Nobody has gone anywhere yet: the first page keeps the focus where the browser has it. */
let arrived = false;

/**
 * After going to a page its heading has the focus, so that who hears it hears where they are, and Tab goes on from there.
 * What was already taken hold of on the page keeps it.
 */
export function focusHeading(page: unknown): void {
  const main = page as HTMLElement | null;
  const first = !arrived;
  arrived = true;
  if (first || !main || main.contains(document.activeElement)) return;
  takeFocus(main.querySelector<HTMLElement>('h1') ?? main);
}

/** To the heading of the page that is shown, past what stands above it. */
export function skipToPage(): void {
  const pages = [...document.querySelectorAll<HTMLElement>('[role="main"], main')];
  const main = pages.find((page) => page.offsetParent !== null);
  if (main) takeFocus(main.querySelector<HTMLElement>('h1') ?? main);
}

function takeFocus(element: HTMLElement): void {
  element.tabIndex = -1;
  element.style.outline = 'none';
  element.focus({ preventScroll: true });
}

/** Sheets that lie over the page now. */
let sheets = 0;

/**
 * While a sheet is open, the page behind it is out of reach for keys and for those who hear it.
 *
 * @returns a function that ends it
 */
export function makePageInert(): () => void {
  const root = document.getElementById('root');
  sheets += 1;
  root?.setAttribute('inert', '');
  return () => {
    sheets -= 1;
    if (sheets === 0) root?.removeAttribute('inert');
  };
}
