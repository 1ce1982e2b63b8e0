const LIST = new Intl.ListFormat('en-GB');

/** "Tern", "Tern and Skua", "Tern, Skua and Knot". */
export const listed = (things: Iterable<string>): string => LIST.format(things);

/** "once", "twice", "3 times". */
export const timesWords = (count: number): string =>
  count === 1 ? 'once' : count === 2 ? 'twice' : `${count} times`;
