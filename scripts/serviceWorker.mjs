// After the export: a service worker that keeps all of it at hand, so that every page opens without a network.
import { rmSync } from 'node:fs';

import { generateSW } from 'workbox-build';

export async function serviceWorker(dist) {
  rmSync(`${dist}/sw.js`, { force: true });
  await generateSW({
    globDirectory: dist,
    swDest: `${dist}/sw.js`,
    globPatterns: [
      'index.html',
      'manifest.webmanifest',
      'early.js',
      'icon*.{svg,png}',
      'fonts/*.woff2',
      '_expo/**/*.js',
    ],
    globIgnores: ['**/*.{br,gz,map}', 'sw.js'],
    // Their names hold their sums.
    dontCacheBustURLsMatching: /[.-][0-9a-f]{32}\./,
    maximumFileSizeToCacheInBytes: 4e6,
    inlineWorkboxRuntime: true,
    sourcemap: false,
    cleanupOutdatedCaches: true,
    // Deep links; files that are not there and the server's own addresses stay what they are.
    navigateFallback: 'index.html',
    navigateFallbackDenylist: [/^\/(api|hub)\//, /\/[^/?]+\.[^/]+$/],
  });
}
