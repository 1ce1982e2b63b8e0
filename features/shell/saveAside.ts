import { type SetAside } from '@state';

import { saveFile } from '@kit';

/** Hands all that was set aside to the browser as a text file, each with when and why. */
export function saveAside(items: readonly SetAside[]): void {
  const text = items
    .map(({ at, because, lines }) => `# ${at} ${because}\n${lines.join('\n')}\n`)
    .join('\n');
  saveFile('ombrello-set-aside.txt', text, 'text/plain');
}
