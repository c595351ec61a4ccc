import { useRef, type ReactNode } from 'react';
import { Button } from './Button';

interface Props {
  /** What the file is, for whoever does not see the button. */
  label: string;
  /** Endings of its name. */
  accept: string;
  look?: 'plain' | 'quiet';
  className?: string;
  disabled?: boolean;
  onFile: (file: File) => void;
  children: ReactNode;
}

/** A button that asks for a file. */
export function ChooseFile({
  label,
  accept,
  look = 'plain',
  className = '',
  disabled = false,
  onFile,
  children,
}: Props) {
  const input = useRef<HTMLInputElement>(null);
  return (
    <>
      <Button
        look={look}
        className={className}
        disabled={disabled}
        onClick={() => {
          input.current?.click();
        }}
      >
        {children}
      </Button>
      <input
        ref={input}
        type="file"
        accept={accept}
        aria-label={label}
        className="sr-only"
        tabIndex={-1}
        onChange={(event) => {
          const file = event.target.files?.[0];
          // the same file may be chosen again
          event.target.value = '';
          if (file) {
            onFile(file);
          }
        }}
      />
    </>
  );
}
