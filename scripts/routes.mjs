// Writes routes.d.ts from the folder app: every address there is, so that a link to a page that is not there is no program.
// With --check it only tells whether the file is current.
import { readFileSync, readdirSync, writeFileSync } from 'node:fs';
import path from 'node:path';

const FILE = 'routes.d.ts';

const addresses = readdirSync('app', { recursive: true })
  .map((file) => file.split(path.sep).join('/'))
  .filter((file) => file.endsWith('.tsx') && !/_layout|\[\.\.\./.test(file))
  .map((file) =>
    file
      .replace(/\.tsx$/, '')
      .split('/')
      .filter((part) => !part.startsWith('(') && part !== 'index')
      .map((part) => part.replace(/^\[.*\]$/, '${string}')),
  )
  .map((parts) => `\`/${parts.join('/')}\``)
  .sort();

const text = `// Written by scripts/routes.mjs from the folder app.
import 'expo-router';

/** The addresses of the application's pages. */
type Address =
${addresses.map((address) => `  | ${address}`).join('\n')};

type Followed = Address | \`\${Address}?\${string}\` | \`\${Address}#\${string}\`;

/** A page, and what stands behind the ? of its address. */
interface Page {
  pathname: Address;
  params: Record<string, string | undefined>;
}

declare module 'expo-router' {
  export namespace ExpoRouter {
    interface __routes {
      href: Followed | Page;
      hrefInputParams: Page;
    }
  }
}
`;

if (!process.argv.includes('--check')) writeFileSync(FILE, text);
else if (readFileSync(FILE, 'utf8') !== text) {
  console.error('Run npm run routes: the pages changed.');
  process.exit(1);
}
