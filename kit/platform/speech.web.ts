/**
 * Reads something aloud in the browser's own voice, in place of what it was reading. Only voices that are on the device:
 * others would send the words away.
 */
export function readAloud(text: string): void {
  const said = new SpeechSynthesisUtterance(text);
  const voice = ownVoice();
  if (voice) said.voice = voice;
  said.lang = voice?.lang ?? 'en';
  speechSynthesis.cancel();
  speechSynthesis.speak(said);
}

/** Whether the browser can read aloud without asking anybody else. Its voices may come later than the page. */
export function canReadAloud(): boolean {
  if (typeof speechSynthesis === 'undefined') return false;
  return speechSynthesis.getVoices().length === 0 || ownVoice() !== undefined;
}

/** Silence, where the page that was being read is left. */
export function stopReading(): void {
  if (typeof speechSynthesis !== 'undefined') speechSynthesis.cancel();
}

const ownVoice = () =>
  speechSynthesis
    .getVoices()
    .find(({ localService, lang }) => localService && lang.toLowerCase().startsWith('en'));
