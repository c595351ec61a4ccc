import { useEffect, useRef, useState, type RefObject } from 'react';
import { askOnce, Refused } from '../api/client';
import { Button } from '../ui/Button';

interface Props {
  /** The address of the print page. */
  src: string;
  /** Changes whenever the page would look different. */
  version: string;
  /** The page that is on the screen. */
  frame: RefObject<HTMLIFrameElement | null>;
  /** Told whenever another page is on the screen. */
  onShown: (page: Document) => void;
}

interface Shown {
  src: string;
  version: string;
  /** Counts the tries. */
  attempt: number;
}

/** Why a print page did not come, in the words of whoever refused it. */
async function whyNot(src: string): Promise<string> {
  try {
    await askOnce('GET', src);
  } catch (failure) {
    if (failure instanceof Refused && failure.status !== 200) {
      return failure.offline
        ? 'No connection at the moment: this is not what the paper looks like now.'
        : failure.message;
    }
  }
  return 'It did not come the first time.';
}

/** Whether a print page came, and not the browser's own page for a lost connection. */
const came = (frame: HTMLIFrameElement | null): boolean => {
  try {
    return frame?.contentDocument?.querySelector('main') != null;
  } catch {
    return false;
  }
};

/**
 * The paper on the screen. A new one is loaded behind it and takes its place when it is there, at the same height; without
 * a connection the one that is there stays.
 */
export function Paper({ src, version, frame, onShown }: Props) {
  const [shown, setShown] = useState<Shown>({ src, version, attempt: 0 });
  const [failed, setFailed] = useState<string | null>(null);
  const [why, setWhy] = useState('');
  const fail = (page: Shown) => {
    void whyNot(page.src).then((said) => {
      setWhy(said);
      setFailed(page.version);
    });
  };
  const [attempt, setAttempt] = useState(0);
  const isNew = shown.version !== version || shown.attempt !== attempt;
  const next = isNew && failed !== version ? { src, version, attempt } : null;
  const coming = useRef<HTMLIFrameElement>(null);
  const height = useRef(0);
  useEffect(() => {
    frame.current?.contentWindow?.scrollTo(0, height.current);
  }, [shown, frame]);
  const pages = next ? [shown, next] : [shown];
  return (
    <div className="relative min-h-[70dvh] min-w-0 flex-1 bg-desk">
      {pages.map((page, i) => (
        <iframe
          key={`${page.version} ${page.attempt}`}
          ref={i === 0 ? frame : coming}
          title={i === 0 ? 'Print preview' : 'The next print preview'}
          aria-hidden={i !== 0}
          tabIndex={i === 0 ? 0 : -1}
          src={page.src}
          className={`absolute inset-0 size-full ${i === 0 ? '' : 'invisible'}`}
          onLoad={() => {
            if (i === 0) {
              const there = frame.current?.contentDocument;
              if (there && came(frame.current)) {
                onShown(there);
              } else {
                fail(page);
              }
              return;
            }
            if (!came(coming.current)) {
              fail(page);
            } else if (next?.version === page.version) {
              height.current = frame.current?.contentWindow?.scrollY ?? 0;
              coming.current?.contentWindow?.scrollTo(0, height.current);
              setShown(page);
              if (coming.current?.contentDocument) {
                onShown(coming.current.contentDocument);
              }
            }
          }}
        />
      ))}
      {failed === version && (
        <div role="alert" className="absolute inset-x-0 top-0 flex items-center gap-4 bg-paper px-5 py-3 text-lg">
          {why}
          <Button
            onClick={() => {
              setFailed(null);
              setAttempt((now) => now + 1);
            }}
          >
            Try again
          </Button>
        </div>
      )}
    </div>
  );
}
