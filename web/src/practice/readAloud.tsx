import { Volume2, VolumeOff } from 'lucide-react';
import { useEffect, useState, useSyncExternalStore } from 'react';

const speech = (): SpeechSynthesis | null => ('speechSynthesis' in window ? window.speechSynthesis : null);

/** Browsers fetch their voices after the page: the button is there as soon as they are. */
const onVoices = (tell: () => void): (() => void) => {
  speech()?.addEventListener('voiceschanged', tell);
  return () => {
    speech()?.removeEventListener('voiceschanged', tell);
  };
};

/** Whether the browser has a voice of its own to read with. */
const hasVoice = (): boolean => (speech()?.getVoices().length ?? 0) > 0;

/** Reads something to the child, with the browser's own voice; pressed again, it stops. */
export function ReadAloud({ text, what = 'it' }: { text: string; what?: string }) {
  const has = useSyncExternalStore(onVoices, hasVoice);
  const [reads, setReads] = useState(false);
  // what is gone from the screen is not read on
  useEffect(
    () => () => {
      speech()?.cancel();
    },
    [text],
  );
  if (!has || text === '') {
    return null;
  }
  return (
    <button
      type="button"
      className="inline-flex min-h-11 items-center gap-2 self-start px-1 text-lg underline underline-offset-4"
      onClick={() => {
        speech()?.cancel();
        if (reads) {
          setReads(false);
          return;
        }
        const said = new SpeechSynthesisUtterance(text);
        said.lang = 'en-GB';
        said.rate = 0.9;
        said.onend = said.onerror = () => {
          setReads(false);
        };
        speech()?.speak(said);
        setReads(true);
      }}
    >
      {reads ? (
        <>
          <VolumeOff size={22} aria-hidden="true" /> Stop reading
        </>
      ) : (
        <>
          <Volume2 size={22} aria-hidden="true" /> Read {what} to me
        </>
      )}
    </button>
  );
}
