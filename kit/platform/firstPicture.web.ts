/** What is shown of the page, as HTML with the rules it uses, for the next visit to begin with. */
export interface PagePicture {
  readonly width: number;
  readonly html: string;
  readonly css: string;
}

/** The picture of the page as it is; null while nothing on it is said to last. */
export function pagePicture(): PagePicture | null {
  const root = document.getElementById('root');
  if (!root?.querySelector('[data-testid="lasting"]')) return null;
  const html = shownOf(root);
  return { width: window.innerWidth, html, css: rulesFor(html) };
}

/** What is shown of the page: those that lie under it, in this place or others, are no part of the picture. */
function shownOf(root: HTMLElement): string {
  const shown = root.cloneNode(true) as HTMLElement;
  for (const hidden of shown.querySelectorAll('[style*="display: none"]')) hidden.remove();
  return shown.innerHTML;
}

/** The rules of the page's own sheet that a text of HTML uses. */
function rulesFor(html: string): string {
  const used = new Set(html.match(CLASS));
  const sheet = document.getElementById('react-native-stylesheet') as HTMLStyleElement | null;
  return [...(sheet?.sheet?.cssRules ?? [])]
    .map(({ cssText }) => cssText)
    .filter((text) => {
      const classes = text.match(CLASS);
      return !classes || classes.some((one) => used.has(one));
    })
    .join('\n');
}

const CLASS = /\b(?:css|r)-[\w-]+/g;
