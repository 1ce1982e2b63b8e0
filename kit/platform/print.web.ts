import { PAPER_STYLE } from './paperStyle';

/** Prints a sheet: the page itself stays as it is, and the sheet goes when the printing is over. */
function printSheet(content: readonly Node[]): void {
  document.getElementById('paper')?.remove();
  const paper = document.createElement('div');
  paper.id = 'paper';
  // A reader of the screen has all of it on the page already.
  paper.setAttribute('aria-hidden', 'true');
  const style = document.createElement('style');
  style.textContent = PAPER_STYLE;
  paper.append(style, ...content);
  document.body.append(paper);
  window.addEventListener('afterprint', () => paper.remove(), { once: true });
  window.print();
}

/** A text under its title. */
export interface PrintedPage {
  readonly title: string;
  readonly text: string;
}

/** Prints a text under its title. */
export const printText = (title: string, text: string): void => printPages([{ title, text }]);

/** Prints texts, each on a page of its own. */
export function printPages(pages: readonly PrintedPage[]): void {
  printSheet(
    pages.map(({ title, text }) => {
      const section = document.createElement('section');
      const heading = document.createElement('h1');
      heading.textContent = title;
      const body = document.createElement('pre');
      body.textContent = text;
      section.append(heading, body);
      return section;
    }),
  );
}

/** Prints drawings, one after the other, as many as fit on a sheet. */
export function printDrawings(svgs: readonly string[]): void {
  printSheet(
    svgs.map((svg) => {
      const holder = document.createElement('span');
      holder.innerHTML = svg;
      return holder;
    }),
  );
}
