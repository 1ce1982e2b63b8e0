// npm run sentences [-- --check]: every sentence of the application, file by file, into docs/sentences.md, so that whoever
// edits one sees all of them. With --check it only says whether the list is the current one.
import { readFileSync, readdirSync, writeFileSync } from 'node:fs';
import path from 'node:path';

import ts from 'typescript';

const ROOTS = ['app', 'features', 'kit', 'state', 'core'];
const OUT = 'docs/sentences.md';

const sourcesIn = (folder) =>
  readdirSync(folder, { recursive: true, withFileTypes: true })
    .filter((entry) => entry.isFile() && /\.tsx?$/.test(entry.name))
    .map((entry) => path.join(entry.parentPath, entry.name))
    .filter(
      (file) =>
        !/\.test\.|\.testing\.|\/cli\/|kit\/(platform|labelSvg|look)|[sS]chema\.ts/.test(file),
    )
    .sort();

/** What a person reads: words with spaces between them, or a single word that begins like a label. */
const isSaid = (text) =>
  /[a-z]{2}/.test(text) &&
  (/[A-Za-z’'][ ,.:;?]+[a-zA-Z0-9…“]/.test(text) || /^[A-Z][a-z]+[.?]?$/.test(text)) &&
  !/^(M\d|m\d)|^[\w-]*\/\w|^\.|^@|rgba?\(|^\w+:[\w-]+$|^data:|\.(svg|json|txt|js)$/.test(text);

/** Attributes and calls whose text nobody reads. */
const UNREAD_ATTRIBUTES = new Set(['style', 'kind', 'tone', 'role', 'name', 'd', 'icon', 'testID']);

function sentencesOf(file) {
  const source = ts.createSourceFile(
    file,
    readFileSync(file, 'utf8'),
    ts.ScriptTarget.Latest,
    true,
    file.endsWith('x') ? ts.ScriptKind.TSX : ts.ScriptKind.TS,
  );
  const found = [];
  const keep = (text) => {
    const plain = text.replace(/\s+/g, ' ').trim();
    if (isSaid(plain) && !found.includes(plain)) found.push(plain);
  };
  const visit = (node) => {
    if (ts.isImportDeclaration(node) || ts.isExportDeclaration(node) || ts.isTypeNode(node)) return;
    if (ts.isJsxAttribute(node) && UNREAD_ATTRIBUTES.has(node.name.getText())) return;
    if (ts.isJsxText(node)) keep(node.text);
    else if (ts.isStringLiteral(node) || ts.isNoSubstitutionTemplateLiteral(node)) keep(node.text);
    else if (ts.isTemplateExpression(node)) {
      keep(
        [
          node.head.text,
          ...node.templateSpans.map(
            ({ expression, literal }) => `{${shortName(expression)}}${literal.text}`,
          ),
        ].join(''),
      );
    }
    ts.forEachChild(node, visit);
  };
  visit(source);
  return found;
}

/** What stands in a gap: the last name in it, or `…`. */
function shortName(expression) {
  const names = expression.getText().match(/[a-zA-Z]\w*/g) ?? [];
  const last = ts.isCallExpression(expression) ? names[names.length - 1] : names.at(-1);
  return expression.getText().length > 60 ? '…' : (last ?? '…');
}

const files = ROOTS.flatMap(sourcesIn)
  .map((file) => ({ file, sentences: sentencesOf(file) }))
  .filter(({ sentences }) => sentences.length > 0);
const total = files.reduce((sum, { sentences }) => sum + sentences.length, 0);
const list = [
  '# Everything the application says',
  '',
  `${total} sentences and labels, file by file, made by \`npm run sentences\`. A name in braces is filled in. Read them aloud before you change one.`,
  ...files.flatMap(({ file, sentences }) => [
    '',
    `## ${file}`,
    '',
    ...sentences.map((text) => `- ${text.replace(/([*_<>|])/g, '\\$1')}`),
  ]),
  '',
].join('\n');

if (process.argv.includes('--check')) {
  const stands = readFileSync(OUT, 'utf8') === list;
  console.log(
    stands ? 'The list of sentences is current.' : 'Run npm run sentences: they changed.',
  );
  process.exitCode = stands ? 0 : 1;
} else {
  writeFileSync(OUT, list);
  console.log(`${total} sentences in ${files.length} files: ${OUT}`);
}
