import { useState } from 'react';
import type { LinkMadeReply } from '../api/types';
import { Button } from '../ui/Button';

/** A one-time link to copy and pass on. */
export function NewLink({ made }: { made: LinkMadeReply }) {
  const [copied, setCopied] = useState<boolean | null>(null);
  return (
    <>
      <p className="mt-2 text-lg">
        {made.sent ? 'It has gone out by mail. You can also pass it on yourself.' : 'Copy it and pass it on.'} It works
        once, and is not shown again.
      </p>
      <input
        readOnly
        aria-label="The link"
        value={made.link}
        className="mt-3 block w-full rounded-md border-2 border-ink bg-sheet px-3 py-2 font-mono"
        onFocus={(event) => {
          event.target.select();
        }}
      />
      <div className="mt-4 flex items-center gap-4">
        <Button
          look="strong"
          onClick={() => {
            navigator.clipboard.writeText(made.link).then(
              () => {
                setCopied(true);
              },
              () => {
                setCopied(false);
              },
            );
          }}
        >
          Copy
        </Button>
        <span role="status">
          {copied === true && 'Copied.'}
          {copied === false && 'This browser does not let us copy: select the link above.'}
        </span>
      </div>
    </>
  );
}
