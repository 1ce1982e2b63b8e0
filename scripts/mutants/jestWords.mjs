// What tests say to Jest, for tests that run without it: made clocks, spies, and modules in place of others.
import { readFileSync } from 'node:fs';

import { ModernFakeTimers } from '@jest/fake-timers';
import { build } from 'esbuild';
import { ModuleMocker } from 'jest-mock';

const mocker = new ModuleMocker(globalThis);
const clock = new ModernFakeTimers({
  config: { rootDir: process.cwd(), fakeTimers: {} },
  global: globalThis,
});

/** What stands in for a module, by the name the test calls it. */
const standIns = new Map();
/** What was asked of a stand-in while modules were read, before the test had said what it does. */
const early = [];

export const jest = {
  fn: mocker.fn.bind(mocker),
  spyOn: mocker.spyOn.bind(mocker),
  mocked: (one) => one,
  restoreAllMocks: () => mocker.restoreAllMocks(),
  useFakeTimers: (how) => clock.useFakeTimers(how),
  useRealTimers: () => clock.useRealTimers(),
  setSystemTime: (now) => clock.setSystemTime(now),
  advanceTimersByTime: (ms) => clock.advanceTimersByTime(ms),
  advanceTimersByTimeAsync: (ms) => clock.advanceTimersByTimeAsync(ms),
  mock(name, make) {
    standIns.set(name, make());
    for (const { of, does, given } of early.splice(0))
      if (of === name) standIns.get(of)[does](...given);
      else early.push({ of, does, given });
  },
  standIn:
    (of, does) =>
    (...given) =>
      standIns.has(of) ? standIns.get(of)[does](...given) : void early.push({ of, does, given }),
};

/** Nothing that one file of tests set is left to the next. */
export function forgetWords() {
  clock.useRealTimers();
  mocker.restoreAllMocks();
  standIns.clear();
  early.length = 0;
}

/** The modules a test file has stand-ins for, in its bundle: what such a module exports asks the stand-in. */
export function standInsOf(filename) {
  const named = readFileSync(filename, 'utf8').matchAll(/jest\.mock\('([^']+)'/g);
  const names = [...named].map(([, name]) => name);
  return {
    name: 'stand-ins',
    async setup(bundle) {
      const places = new Map();
      bundle.onResolve({ filter: /^[@.]/ }, async ({ path, pluginData, ...from }) => {
        if (pluginData === 'asked' || names.length === 0) return null;
        const asked = (what, { importer, resolveDir, kind }) =>
          bundle.resolve(what, { importer, resolveDir, kind, pluginData: 'asked' });
        for (const name of names)
          if (!places.has(name)) {
            const resolveDir = filename.replace(/\/[^/]+$/, '');
            const { path } = await asked(name, { importer: filename, resolveDir, kind: 'import-statement' }); // oxfmt-ignore
            places.set(name, path);
          }
        const found = await asked(path, from);
        const name = names.find((one) => places.get(one) === found.path);
        return name ? { path: found.path, namespace: 'stand-in', pluginData: name } : found;
      });
      bundle.onLoad({ filter: /./, namespace: 'stand-in' }, async ({ path, pluginData: name }) => {
        const { metafile } = await build({
          entryPoints: [path],
          bundle: false,
          format: 'esm',
          metafile: true,
          write: false,
          outdir: '.',
        });
        const [{ exports }] = Object.values(metafile.outputs);
        return {
          contents: exports
            .map((one) => `export const ${one} = jest.standIn('${name}', '${one}');`)
            .join('\n'),
        };
      });
    },
  };
}
