/** Asks for a file; null when none was chosen. */
export async function chooseFile(type: readonly string[]): Promise<File | null> {
  const { getDocumentAsync } = await import('expo-document-picker');
  const picked = await getDocumentAsync({ type: [...type] });
  return picked.assets?.[0]?.file ?? null;
}

/** What tables of other programs come as. */
export const TABLES = ['text/csv', 'text/plain', '.csv', '.tsv', '.txt'] as const;

/** Asks for one file or several. */
export async function chooseFiles(type: readonly string[]): Promise<readonly File[]> {
  const { getDocumentAsync } = await import('expo-document-picker');
  const picked = await getDocumentAsync({ type: [...type], multiple: true });
  return (picked.assets ?? []).flatMap(({ file }) => (file ? [file] : []));
}
