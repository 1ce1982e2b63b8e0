import { GLOSSARY, type GlossaryEntry } from './glossary';

/** The glossary as a table: term, meaning, and where it shows. */
export function glossaryText(): string {
  const rows = Object.values<GlossaryEntry>(GLOSSARY).sort((a, b) => a.term.localeCompare(b.term));
  return [
    '# Glossary',
    '',
    'One word for one thing, on every page. Made by `npm run glossary` from `features/words/glossary.ts`, which also explains them in the application.',
    '',
    '| Term | Meaning | Where it shows |',
    '| --- | --- | --- |',
    ...rows.map(({ term, means, shows }) => `| ${term} | ${means} | ${shows} |`),
    '',
  ].join('\n');
}
