import { useEffect, useRef, useState, type RefObject } from 'react';

interface Props {
  /** The address of the print page. */
  src: string;
  /** Changes whenever the page would look different. */
  version: string;
  /** The page that is on the screen. */
  frame: RefObject<HTMLIFrameElement | null>;
}

interface Shown {
  src: string;
  version: string;
}

/** The paper on the screen. A new one is loaded behind it and takes its place when it is there, at the same height. */
export function Paper({ src, version, frame }: Props) {
  const [shown, setShown] = useState<Shown>({ src, version });
  const next = shown.version === version ? null : { src, version };
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
          key={page.version}
          ref={i === 0 ? frame : coming}
          title={i === 0 ? 'Print preview' : 'The next print preview'}
          aria-hidden={i !== 0}
          tabIndex={i === 0 ? 0 : -1}
          src={page.src}
          className={`absolute inset-0 size-full ${i === 0 ? '' : 'invisible'}`}
          onLoad={() => {
            if (i === 1 && next?.version === page.version) {
              height.current = frame.current?.contentWindow?.scrollY ?? 0;
              coming.current?.contentWindow?.scrollTo(0, height.current);
              setShown(page);
            }
          }}
        />
      ))}
    </div>
  );
}
