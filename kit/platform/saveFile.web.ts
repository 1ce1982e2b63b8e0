/** Hands a text, or bytes, to the browser as a file to keep. */
export function saveFile(
  name: string,
  content: string | Uint8Array,
  type = 'application/json',
): void {
  const url = URL.createObjectURL(
    new Blob([typeof content === 'string' ? content : content.slice()], { type }),
  );
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
  setTimeout(() => URL.revokeObjectURL(url), 10_000);
}
