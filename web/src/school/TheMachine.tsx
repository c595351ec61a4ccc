import { useQuery } from '@tanstack/react-query';
import { ask } from '../api/client';
import type { MachineReply } from '../api/types';
import { Section } from '../ui/Section';
import { dateWriter } from '../ui/dates';

const when = dateWriter({ weekday: 'long', day: 'numeric', month: 'long' });

/** How the machine is on which Rostik runs. */
export function TheMachine() {
  const machine = useQuery({
    queryKey: ['machine'],
    queryFn: ({ signal }) => ask<MachineReply>('GET', '/api/machine', undefined, signal),
  });
  if (!machine.data) {
    return null;
  }
  const { version, room, backup, faults } = machine.data;
  const lines: readonly (readonly [string, string])[] = [
    [
      'Last backup',
      backup === null ? 'none yet: ./rostik backup, or start --backups DIR' : when.format(new Date(backup)),
    ],
    ['Room on the disk', room < 2000 ? `${room} MB` : `${Math.floor(room / 1000)} GB`],
    ['Faults in the last day', faults === 0 ? 'none' : `${faults}, in the log`],
    ['Version of the data', version],
  ];
  return (
    <Section title="The machine">
      <dl className="mt-2 max-w-2xl text-lg">
        {lines.map(([name, value]) => (
          <div key={name} className="flex flex-wrap justify-between gap-x-6 border-b border-hair py-1.5">
            <dt>{name}</dt>
            <dd className="text-soft">{value}</dd>
          </div>
        ))}
      </dl>
    </Section>
  );
}
