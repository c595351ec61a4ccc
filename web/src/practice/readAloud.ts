/** Whether the browser has a voice of its own to read with. */
export const hasVoice = (): boolean => 'speechSynthesis' in window && window.speechSynthesis.getVoices().length > 0;

export function readAloud(text: string): void {
  window.speechSynthesis.cancel();
  const said = new SpeechSynthesisUtterance(text.replaceAll('___', 'what').replaceAll('−', 'minus'));
  said.lang = 'en-GB';
  said.rate = 0.9;
  window.speechSynthesis.speak(said);
}
