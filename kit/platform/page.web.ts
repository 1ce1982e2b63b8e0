/** The page is loaded again. */
export const reload = (): void => window.location.reload();

/** Goes to an address of this host, as a browser does, with everything loaded anew. */
export const goTo = (path: string): void => window.location.assign(path);

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

/** Where a touch is in something on the page, pixels from its upper left corner, and how large that is. */
export function touchedAt(
  element: unknown,
  { pageX, pageY }: { readonly pageX: number; readonly pageY: number },
): {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
} {
  const box = (element as HTMLElement).getBoundingClientRect();
  const { width, height } = box;
  return {
    x: pageX - window.scrollX - box.left,
    y: pageY - window.scrollY - box.top,
    width,
    height,
  };
}
