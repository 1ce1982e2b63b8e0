/**
 * In the worlds that Jest makes for tests a global is asked for anew each time it is named, which takes longer than what most
 * of core does with it. In front of a source, this makes plain constants of those that arithmetic names. `NaN` alone took an
 * eighth of the searches for plans.
 */
module.exports =
  'const { NaN, Infinity, undefined, Math, Float64Array, Number, Array, Map, Set, WeakMap, Object } = globalThis;';
