import { keepPreviousData, useQuery, useQueryClient } from '@tanstack/react-query';
import { CalendarDays } from 'lucide-react';
import { useEffect, useId, useRef, useState, type KeyboardEvent, type ReactNode } from 'react';
import { ask } from '../api/client';
import { styleInHand, withStyle } from '../api/queries';
import type { FieldReply, FieldRequest } from '../api/types';

interface Props {
  /** Its name; where a label stands beside it, that has `htmlFor` instead. */
  label?: string;
  id?: string;
  /** Whether it may be left empty. */
  optional?: boolean;
  /** As it is kept: 2026-11-26, 09:40; '' for none yet. */
  value: string;
  onChange: (value: string) => void;
}

const read = (asked: FieldRequest) => ({
  queryKey: ['field', asked, styleInHand()],
  queryFn: () => ask<FieldReply>('POST', '/api/field', withStyle(asked)),
  staleTime: Infinity,
});

/**
 * Something that is typed as one would write it and stands as the class writes it. What is typed is read while one types,
 * and written out when the field is left; an arrow up or down goes on by `step`. What cannot be read stays as it was typed,
 * with what is wrong beneath it, and a form with it in it is not sent.
 */
function Written({
  kind,
  label,
  id,
  value,
  least,
  most,
  step,
  example,
  wide,
  optional = false,
  onChange,
  children,
}: Props & {
  kind: 'day' | 'time';
  least?: string | undefined;
  most?: string | undefined;
  step: number;
  example: string;
  wide: string;
  children?: ReactNode;
}) {
  const own = useId();
  const client = useQueryClient();
  const field = useRef<HTMLInputElement>(null);
  // null: it stands as the class writes it
  const [typed, setTyped] = useState<string | null>(null);
  const [wrong, setWrong] = useState('');
  const last = useRef(0);
  const kept = useQuery({ ...read({ kind, text: value }), enabled: value !== '', placeholderData: keepPreviousData });
  const waits = typed !== null && wrong === '';
  useEffect(() => {
    field.current?.setCustomValidity(waits ? 'One moment: it is being read.' : wrong);
  }, [waits, wrong]);
  const asked = (text: string, by = 0) =>
    read({ kind, text, by, ...(least ? { least } : {}), ...(most ? { most } : {}) });
  /** Whether it could be read. */
  const take = async (text: string, by = 0): Promise<boolean> => {
    last.current += 1;
    const turn = last.current;
    if (optional && text.trim() === '') {
      setWrong('');
      onChange('');
      return true;
    }
    try {
      const found = await client.fetchQuery(asked(text, by));
      if (turn === last.current) {
        client.setQueryData(read({ kind, text: found.value }).queryKey, found);
        setWrong('');
        if (found.value !== value) {
          onChange(found.value);
        }
      }
      return true;
    } catch (failure) {
      if (turn === last.current) {
        setWrong((failure as Error).message);
      }
      return false;
    }
  };
  const leave = async () => {
    if (typed !== null && (await take(typed))) {
      setTyped(null);
    }
  };
  const onKey = (event: KeyboardEvent<HTMLInputElement>) => {
    const by = event.key === 'ArrowUp' ? step : event.key === 'ArrowDown' ? -step : 0;
    if (by !== 0 && (typed ?? value) !== '') {
      event.preventDefault();
      void take(typed ?? value, by).then((done) => {
        if (done) {
          setTyped(null);
        }
      });
    }
    if (event.key === 'Enter' && typed !== null) {
      // what was typed last goes along
      const { form } = event.currentTarget;
      event.preventDefault();
      void leave().then(() => {
        setTimeout(() => form?.requestSubmit());
      });
    }
  };
  return (
    <span className="inline-flex max-w-full flex-col">
      <span className="inline-flex max-w-full items-center gap-1">
        <input
          ref={field}
          id={id}
          required={!optional}
          aria-label={label}
          aria-describedby={wrong === '' ? undefined : own}
          aria-invalid={wrong !== ''}
          autoComplete="off"
          spellCheck={false}
          maxLength={80}
          placeholder={example}
          className={`min-h-10 rounded-md border-2 border-ink bg-sheet px-2 font-bold placeholder:font-normal ${wide} min-w-0`}
          value={typed ?? (value === '' ? '' : (kept.data?.text ?? (kept.isError ? value : '')))}
          onKeyDown={onKey}
          onChange={(event) => {
            setTyped(event.target.value);
            setWrong('');
            // read as it is typed, so that it is there when the field is left
            void client.prefetchQuery(asked(event.target.value));
          }}
          onBlur={() => void leave()}
        />
        {children}
      </span>
      {wrong !== '' && (
        <span id={own} role="alert" className="max-w-96 text-base text-wrong">
          {wrong}
        </span>
      )}
    </span>
  );
}

/** A day, 2026-11-26: typed (26 Nov, Friday, 26/11), moved on by the arrows, or picked in the browser's calendar. */
export function DayField({ least, most, ...props }: Props & { least?: string; most?: string }) {
  const calendar = useRef<HTMLInputElement>(null);
  return (
    <Written kind="day" step={1} example="26 November" wide="w-72" least={least} most={most} {...props}>
      <span className="relative">
        <button
          type="button"
          className="grid size-10 place-items-center rounded-md hover:bg-wash"
          aria-label={`Calendar: ${props.label ?? 'day'}`}
          onClick={() => {
            calendar.current?.showPicker();
          }}
        >
          <CalendarDays aria-hidden="true" size={20} />
        </button>
        {/* only its calendar is used, which hangs beneath it */}
        <input
          ref={calendar}
          type="date"
          tabIndex={-1}
          aria-hidden="true"
          className="pointer-events-none absolute inset-0 opacity-0"
          value={props.value}
          min={least}
          max={most}
          onChange={(event) => {
            if (event.target.value !== '') {
              props.onChange(event.target.value);
            }
          }}
        />
      </span>
    </Written>
  );
}

/** A time, 09:40: typed (9.40, 0940, twenty to ten), or moved on by five minutes with the arrows. */
export function TimeField(props: Props) {
  return <Written kind="time" step={5} example="9:40" wide="w-32" {...props} />;
}
