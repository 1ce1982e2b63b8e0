/** A zone as people call it: "Lisbon", "Buenos Aires". */
export const zoneWords = (zone: string): string =>
  zone.slice(zone.lastIndexOf('/') + 1).replaceAll('_', ' ');
