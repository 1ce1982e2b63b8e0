/** What browsers have when nobody chose otherwise, px. */
const USUAL = 16;

/**
 * Watches the size of text that the browser is set to.
 *
 * @param onScale is told at once, and whenever it changes
 * @returns a function that stops watching
 */
export function watchTextScale(onScale: (scale: number) => void): () => void {
  const probe = document.createElement('div');
  probe.style.cssText = 'position:fixed;top:0;visibility:hidden;width:1rem;height:1rem';
  probe.ariaHidden = 'true';
  document.body.append(probe);
  const tell = () => onScale((probe.offsetWidth || USUAL) / USUAL);
  tell();
  const watcher = typeof ResizeObserver === 'undefined' ? null : new ResizeObserver(tell);
  watcher?.observe(probe);
  return () => {
    watcher?.disconnect();
    probe.remove();
  };
}

/** The size of text at once, before anything is drawn. */
export const textScaleNow = (): number =>
  (parseFloat(getComputedStyle(document.documentElement).fontSize) || USUAL) / USUAL;
