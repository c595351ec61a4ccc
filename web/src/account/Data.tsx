import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { ask } from '../api/client';
import type { BroughtReply, ErasingReply } from '../api/types';
import { Button } from '../ui/Button';
import { forgetAll } from '../ui/browserStore';
import { ChooseFile } from '../ui/ChooseFile';
import { Field } from '../ui/Field';
import { useNotice } from '../ui/notices';
import { Section } from '../ui/Section';
import { TakeOut } from '../ui/TakeOut';
import { Window } from '../ui/Window';
import { called } from '../ui/called';

const counted = (count: number, one: string, many: string) => (count === 1 ? `1 ${one}` : `${count} ${many}`);

/** What there was in a file, without what there was none of. */
function broughtIn(all: BroughtReply) {
  const said = [
    all.sheets > 0 && counted(all.sheets, 'sheet', 'sheets'),
    all.classes > 0 && counted(all.classes, 'class', 'classes'),
    all.piles > 0 && counted(all.piles, 'pile', 'piles'),
    all.practices > 0 && counted(all.practices, 'practice', 'practices'),
    all.lessons > 0 && counted(all.lessons, 'lesson', 'lessons'),
    all.timetables > 0 && counted(all.timetables, 'timetable', 'timetables'),
  ].filter((one) => one !== false);
  return said.length === 0 ? 'There was nothing in that file.' : `Imported: ${said.join(', ')}.`;
}

/** All that is kept for a teacher: out as files, in again, and erased. */
export function Data() {
  const client = useQueryClient();
  const notice = useNotice();
  const [leaving, setLeaving] = useState(false);
  const bring = useMutation({
    mutationFn: (file: File) => ask<BroughtReply>('POST', '/api/account/data', file),
    onSuccess: (all) => {
      void client.invalidateQueries();
      notice(broughtIn(all));
    },
  });
  return (
    <Section title="Your data">
      <p className="mt-2 max-w-2xl text-lg">
        Sheets with their copies, timetables, your classes, their lessons, and all that was marked or answered, as
        files: for yourself, for another school, or to be imported again. They hold children’s names.
      </p>
      <div className="mt-3 flex flex-wrap gap-3">
        <TakeOut address="/api/account/data">{called.export}</TakeOut>
        <ChooseFile
          label="File to import"
          accept=".zip,.json"
          disabled={bring.isPending}
          onFile={(file) => {
            bring.mutate(file);
          }}
        >
          {bring.isPending ? 'Importing…' : 'Import…'}
        </ChooseFile>
        <Button
          onClick={() => {
            setLeaving(true);
          }}
        >
          Leave and delete everything…
        </Button>
      </div>
      <p role="alert" className="mt-2 font-bold text-wrong empty:hidden">
        {bring.error?.message}
      </p>
      <Window open={leaving} onOpenChange={setLeaving} title="Leave Rostik?">
        {leaving && <Leaving />}
      </Window>
    </Section>
  );
}

function Leaving() {
  const client = useQueryClient();
  const [password, setPassword] = useState('');
  const would = useQuery({
    queryKey: ['erasing'],
    queryFn: ({ signal }) => ask<ErasingReply>('GET', '/api/account/erasing', undefined, signal),
    gcTime: 0,
  });
  const erase = useMutation({
    mutationFn: () => ask<null>('DELETE', '/api/account', { password }),
    onSuccess: () => {
      forgetAll();
      client.clear();
      window.location.assign('/');
    },
  });
  const all = would.data;
  if (!all) {
    return <p className="mt-2 text-lg">{would.error?.message ?? 'One moment.'}</p>;
  }
  if (!all.can) {
    return (
      <p className="mt-2 text-lg">
        You are the only administrator of your school. Make a colleague administrator first, on the page{' '}
        <em>The school</em>.
      </p>
    );
  }
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        erase.mutate();
      }}
    >
      <p className="mt-2 text-lg">This goes for good, and cannot be undone:</p>
      <ul className="mt-2 list-disc pl-6 text-lg">
        <li>
          {counted(all.sheets, 'sheet', 'sheets')} with {counted(all.copies, 'copy', 'copies')}
        </li>
        <li>{counted(all.timetables, 'timetable', 'timetables')} of your own</li>
        <li>{counted(all.piles, 'pile', 'piles')} of marked papers</li>
        {all.classes.length > 0 && <li>with their children: {all.classes.join(', ')}</li>}
        {all.last && <li>the school itself: nobody else is there</li>}
      </ul>
      {all.shared.length > 0 && (
        <p className="mt-2 text-lg">
          Your colleagues go on with {all.shared.join(', ')}, and with what was marked there.
        </p>
      )}
      {all.classes.length > 0 && !all.last && (
        <p className="mt-2 text-soft">A class that shall stay: hand it over first, under “Who teaches it”.</p>
      )}
      <Field
        label="Your password"
        type="password"
        autoComplete="current-password"
        value={password}
        onChange={setPassword}
      />
      <p role="alert" className="mt-2 min-h-7 font-bold text-wrong">
        {erase.error?.message}
      </p>
      <Button type="submit" disabled={erase.isPending}>
        Delete everything
      </Button>
    </form>
  );
}
