/**
 * In the worlds that Jest makes for tests a global is asked for anew each time it is named, which takes longer than what most
 * of core does with it. In front of a source, this makes plain constants of those that arithmetic names.
 */
module.exports =
  'const { Math, Float64Array, Number, Array, Map, Set, WeakMap, Object } = globalThis;';
