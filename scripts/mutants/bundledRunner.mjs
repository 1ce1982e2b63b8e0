// What tries mutants of core and state against their tests: each test file is one bundle (tests/bundled.js), compiled once and
// run anew in this process for every mutant, so that nothing a mutant left behind is seen by the next. The tests most likely to notice
// come first, those that stand beside it and then those that take least, as many as there is time for: what only long searches
// and tables of everything notice takes too long to be noticed. The runner that comes with Stryker starts the whole of Jest for
// every mutant instead, which takes hours.
import { readFileSync, readdirSync, writeFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import path from 'node:path';
import vm from 'node:vm';

import { PluginKind, declareClassPlugin } from '@stryker-mutator/api/plugin';
import {
  DryRunStatus,
  TestStatus,
  determineHitLimitReached,
  toMutantRunResult,
} from '@stryker-mutator/api/test-runner';
import { build } from 'esbuild';
import { expect } from 'expect';
import circus, { getState, resetState, run } from 'jest-circus';

import { forgetWords, jest, standInsOf } from './jestWords.mjs';

const require = createRequire(import.meta.url);
const { bundling } = require('../../tests/bundled.js');
const { zoneOf } = require('../../tests/zones.js');
require('../../tests/properties.js');

/** What the instrumented code reads and writes. */
const mutation = (globalThis.__stryker__ ??= {});
/** Names of the tests that were collected last. */
const ids = new Map();
/** Stands for all tests of a file, while one of its blocks is read: what is made there is made for them. */
const READING = 'reading';
let reading = false;
/** What is awake while a block is read. */
let awake;
Object.defineProperty(mutation, 'currentTestId', {
  get: () => (reading ? READING : ids.get(getState().currentlyRunningTest)),
});

/** The word that declares a block, with the mutant awake in the block. */
const awaking = (declare) => (name, block) =>
  declare(name, function (...given) {
    const outer = reading;
    reading = true;
    mutation.activeMutant = awake;
    try {
      block.apply(this, given);
    } finally {
      reading = outer;
      if (!outer) mutation.activeMutant = undefined;
    }
  });
const describe = Object.assign(awaking(circus.describe), {
  each: (...table) => awaking(circus.describe.each(...table)),
});

/** All tests below a block, in order. */
const testsIn = (block) =>
  block.children.flatMap((child) => (child.type === 'test' ? [child] : testsIn(child)));

/** Longer than this, in milliseconds with all mutants in the source, no mutant is tried by tests; but by one at least. */
const LONGEST = 800;
/** As long by the tests that stand beside it. */
const LONGEST_BESIDE = 2500;
/** Long searches and fits, asked only about their own folder. */
const TOO_LONG = /\/(plan|calibrate|practice|whatIf|picture)\/|examples/;
/** Asked about nothing: they search for minutes while they are read. */
const NEVER = /\/(week|wideBlindSearch|beside)\.test/;
/** The store that tests are given. */
const STORAGE = path.resolve('node_modules/@react-native-async-storage/async-storage/lib/module/jest/AsyncStorageMock.js'); // oxfmt-ignore
/** Where the process that ran all tests without a mutant leaves to the others how long each took. */
const TOOK = 'took.json';

/** Reads a test file anew; what it declares is then the state of jest-circus. Throws what a mutant makes of its blocks. */
function collect({ filename, script }, mutant) {
  awake = mutant;
  forgetWords();
  process.env.TZ = zoneOf(filename);
  resetState();
  getState().testTimeout = 60_000;
  const module = { exports: {} };
  script.runInThisContext()(
    createRequire(filename),
    module,
    module.exports,
    filename,
    path.dirname(filename),
  );
  ids.clear();
  const seen = new Map();
  for (const test of testsIn(getState().rootDescribeBlock)) {
    const names = [];
    for (let at = test; at.parent; at = at.parent) names.unshift(at.name);
    const name = names.join(' ');
    // Rows of a table may share a name.
    seen.set(name, (seen.get(name) ?? 0) + 1);
    ids.set(test, `${path.relative('.', filename)}: ${name} ${seen.get(name)}`);
  }
}

/** A test file as one script, that is run with what a module is given. */
async function compiled(filename) {
  const { outputFiles } = await build({
    ...bundling(filename),
    external: ['fast-check'],
    alias: { '@react-native-async-storage/async-storage': STORAGE },
    plugins: [standInsOf(filename)],
  });
  return new vm.Script(
    `(function (require, module, exports, __filename, __dirname) {${outputFiles[0].text}\n})`,
    { filename },
  );
}

class BundledRunner {
  /** Milliseconds that each test took without a mutant, by its id, and the reading of each file, by its name. */
  took = new Map();

  capabilities() {
    return { reloadEnvironment: true };
  }

  async init() {
    Object.assign(globalThis, circus, { describe, expect, jest });
    // What a test began may fail when it has ended long ago.
    process.on('unhandledRejection', () => {});
    const own = path.resolve(process.env.MUTANTS_OF.replace(/\/[^/]+\.ts$/, ''));
    const [root] = process.env.MUTANTS_OF.split('/');
    const files = readdirSync(root, { recursive: true })
      .map((name) => path.resolve(root, name))
      .filter((name) => /\.test\.ts$/.test(name))
      .filter((name) => root === 'state' || path.dirname(name) === own || !TOO_LONG.test(name))
      .filter((name) => !NEVER.test(name));
    this.files = await Promise.all(
      files.map(async (filename) => ({ filename, script: await compiled(filename) })),
    );
  }

  async dryRun() {
    mutation.activeMutant = undefined;
    mutation.mutantCoverage = { static: {}, perTest: {} };
    const tests = [];
    for (const file of this.files) {
      const began = performance.now();
      collect(file);
      this.took.set(file.filename, performance.now() - began);
      const { perTest } = mutation.mutantCoverage;
      const read = Object.entries(perTest[READING] ?? {});
      delete perTest[READING];
      tests.push(...(await this.runCollected(file.filename)));
      for (const id of ids.values())
        for (const [mutant, times] of read)
          (perTest[id] ??= {})[mutant] = (perTest[id][mutant] ?? 0) + times;
    }
    for (const { id, timeSpentMs } of tests) this.took.set(id, timeSpentMs);
    writeFileSync(TOOK, JSON.stringify([...this.took]));
    return { status: DryRunStatus.Complete, tests, mutantCoverage: mutation.mutantCoverage };
  }

  /** What runs while modules are read is not tried (`ignoreStatic`), so each is awake in blocks and tests alone. */
  async mutantRun({ activeMutant, testFilter, hitLimit }) {
    if (this.took.size === 0) this.took = new Map(JSON.parse(readFileSync(TOOK, 'utf8')));
    const tests = [];
    mutation.hitCount = 0;
    mutation.hitLimit = hitLimit;
    for (const [file, wanted] of this.worthRunning(testFilter, activeMutant.fileName)) {
      try {
        collect(file, activeMutant.id);
      } catch (cause) {
        const [id] = wanted;
        tests.push({
          id,
          name: id,
          status: TestStatus.Failed,
          failureMessage: `${cause}`,
          timeSpentMs: 1,
        });
        break;
      }
      mutation.activeMutant = activeMutant.id;
      tests.push(...(await this.runCollected(file.filename, wanted)));
      mutation.activeMutant = undefined;
      if (tests.some(({ status }) => status === TestStatus.Failed)) break;
    }
    return (
      determineHitLimitReached(mutation.hitCount, hitLimit) ??
      toMutantRunResult({ status: DryRunStatus.Complete, tests }, false)
    );
  }

  /** The tests beside what is mutated and then the shortest of the others, as many as there is time for. */
  worthRunning(all, mutated) {
    // It is named where it stands, and tried in a copy.
    const beside = mutated.replace(/^.*\/(?=(core|state)\/)/, '').replace(/\.ts$/, '.test.ts');
    const own = ({ file }) => Number(path.relative('.', file.filename) === beside);
    const parts = this.files
      .flatMap((file) => {
        const reading = this.took.get(file.filename);
        return all
          .filter((id) => id.startsWith(`${path.relative('.', file.filename)}:`))
          .map((id) => ({ file, id, ms: this.took.get(id), reading }));
      })
      .sort((a, b) => own(b) - own(a) || a.ms + a.reading - b.ms - b.reading);
    const chosen = new Map();
    const left = [LONGEST, LONGEST_BESIDE];
    for (const part of parts) {
      const { file, id, ms, reading } = part;
      const cost = ms + (chosen.has(file) ? 0 : reading);
      if (cost > left[own(part)] && chosen.size > 0) continue;
      left[own(part)] -= cost;
      chosen.set(file, (chosen.get(file) ?? new Set()).add(id));
    }
    return chosen;
  }

  /** Runs what was collected, or those that are wanted of it, the quickest first; after the first that fails none is run. */
  async runCollected(fileName, wanted) {
    const { rootDescribeBlock } = getState();
    const tests = testsIn(rootDescribeBlock);
    let failed = false;
    for (const test of tests) {
      if (wanted && !wanted.has(ids.get(test))) test.mode = 'skip';
      const { fn } = test;
      test.fn = async function (...given) {
        if (failed && wanted) return;
        try {
          await fn.apply(this, given);
        } catch (cause) {
          failed = true;
          throw cause;
        }
      };
    }
    if (wanted) this.quickestFirst(rootDescribeBlock);
    await run();
    return tests
      .filter((test) => test.mode !== 'skip')
      .map((test) => {
        const id = ids.get(test);
        const [cause] = test.errors;
        return {
          id,
          name: id,
          fileName,
          timeSpentMs: Math.max(1, test.duration ?? 1),
          ...(cause
            ? { status: TestStatus.Failed, failureMessage: `${cause}`.slice(0, 500) }
            : { status: TestStatus.Success }),
        };
      });
  }

  quickestFirst(block) {
    const cost = (child) =>
      child.type === 'test'
        ? this.took.get(ids.get(child))
        : testsIn(child).reduce((sum, test) => sum + cost(test), 0);
    for (const child of block.children) if (child.type !== 'test') this.quickestFirst(child);
    block.children.sort((a, b) => cost(a) - cost(b));
  }
}

export const strykerPlugins = [declareClassPlugin(PluginKind.TestRunner, 'bundled', BundledRunner)];
