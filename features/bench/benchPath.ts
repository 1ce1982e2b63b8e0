/** The address of a jar's place at the bench, with the jars that come after it in one pass. */
export const benchPath = (jar: string, then: readonly string[] = []) =>
  `/jar/${jar}/feed${then.length > 0 ? `?then=${then.join(',')}` : ''}` as const;
