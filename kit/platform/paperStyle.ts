import { TEXT_FONT } from '../look';

/** On paper only the sheet is there; on the screen it is not. */
export const PAPER_STYLE = `
#paper { display: none; }
@media print {
  body > *:not(#paper) { display: none !important; }
  html, body { height: auto !important; overflow: visible !important; background: #fff; }
  #paper { display: block; color: #000; font: 12pt/1.5 ${TEXT_FONT}; }
  #paper h1 { font-size: 18pt; margin: 0 0 8pt; }
  #paper section + section { break-before: page; }
  #paper pre { font: inherit; white-space: pre-wrap; margin: 0; }
}`;
