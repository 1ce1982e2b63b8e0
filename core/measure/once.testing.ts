/** What takes long to make for tests: made when the first of them asks for it, and not while a file of tests is only read. */
export function once<T>(make: () => T): () => T {
  let made: { readonly is: T } | null = null;
  return () => (made ??= { is: make() }).is;
}
