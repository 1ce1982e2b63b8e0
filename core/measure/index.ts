/** Units and conversions: mass, volume, temperature, flour, hydration and the kitchen's own time. */
export * from './extremes';
export * from './fingerprint';
export * from './flour';
export * from './hydration';
export * from './kitchenTime';
export * from './mass';
export * from './temperature';
export * from './volume';
