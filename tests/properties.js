// Properties are tried with the same cases every time, so that nothing but a change makes one fail. Others are tried with
// PROPERTIES, a whole number.
require('fast-check').configureGlobal({ seed: Number(process.env.PROPERTIES ?? 1318) });
