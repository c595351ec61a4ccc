import { useState } from 'react';
import type { Keeping, SchoolRequest } from '../api/types';
import { Button } from '../ui/Button';
import { Field } from '../ui/Field';
import { Pick } from '../ui/Pick';
import { Section } from '../ui/Section';
import { called } from '../ui/called';

interface Props {
  name: string;
  keeping: Keeping;
  busy: boolean;
  onSave: (wanted: SchoolRequest) => void;
}

const days = ['7', '14', '30', '60', '90', '180', '365'];
const months = ['3', '6', '12', '18', '24', '36', '60'];
const leaving = [
  { value: '', text: 'never by themselves' },
  { value: '07-31', text: '31 July' },
  { value: '08-15', text: '15 August' },
  { value: '08-31', text: '31 August' },
  { value: '09-30', text: '30 September' },
  { value: '12-31', text: '31 December' },
  { value: '01-31', text: '31 January' },
] as const;

/** Those to choose from, with the one that is set. */
const among = (usual: readonly string[], set: string, of: (value: string) => string) =>
  [...new Set([...usual, ...(set === '' ? [] : [set])])]
    .sort((a, b) => Number(a) - Number(b))
    .map((value) => ({ value, text: of(value) }));

/** The name of the school, and how long it keeps what. */
export function KeepingForm({ name: before, keeping, busy, onSave }: Props) {
  const [name, setName] = useState(before);
  const [now, setNow] = useState(keeping);
  const marks = now.marksMonths === null || now.marksMonths === undefined ? '' : String(now.marksMonths);
  return (
    <Section title="Name, and keeping data">
      <form
        onSubmit={(event) => {
          event.preventDefault();
          onSave({ name, keeping: now });
        }}
      >
        <Field label="Name of the school" className="max-w-md" maxLength={120} value={name} onChange={setName} />
        <div className="mt-4 max-w-2xl text-lg">
          <Pick
            label="What was deleted can be brought back for"
            value={String(now.deletedDays)}
            options={among(days, String(now.deletedDays), (value) => `${value} days`)}
            onChange={(value) => {
              setNow({ ...now, deletedDays: Number(value) });
            }}
          />
          <Pick
            label="Marks are kept"
            value={marks}
            options={[
              { value: '', text: 'while the child is in the class' },
              ...among(months, marks, (value) => `${value} months`),
            ]}
            onChange={(value) => {
              setNow({ ...now, marksMonths: value === '' ? null : Number(value) });
            }}
          />
          <Pick
            label="The children of last year’s classes leave on"
            value={now.childrenLeave ?? ''}
            options={
              leaving.some(({ value }) => value === (now.childrenLeave ?? ''))
                ? leaving
                : [...leaving, { value: now.childrenLeave ?? '', text: now.childrenLeave ?? '' }]
            }
            onChange={(value) => {
              setNow({ ...now, childrenLeave: value === '' ? null : value });
            }}
          />
          {now.childrenLeave && (
            <Pick
              label="Last year’s are those nobody has taken up for"
              value={String(now.quietMonths)}
              options={among(['1', '2', '3', '6'], String(now.quietMonths), (value) =>
                value === '1' ? '1 month' : `${value} months`,
              )}
              onChange={(value) => {
                setNow({ ...now, quietMonths: Number(value) });
              }}
            />
          )}
        </div>
        <p className="mt-3 max-w-2xl text-soft">
          The school’s own policy and local law decide. What is due is deleted in the night, with all that was marked.
        </p>
        <Button type="submit" className="mt-3" disabled={busy}>
          {called.save}
        </Button>
      </form>
    </Section>
  );
}
