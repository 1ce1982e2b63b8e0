const LIST = new Intl.ListFormat('en-GB');

/** "Tern", "Tern and Skua", "Tern, Skua and Knot". */
export const listed = (things: Iterable<string>): string => LIST.format(things);
