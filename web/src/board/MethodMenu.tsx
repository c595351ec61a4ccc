import { useMutation, useQueryClient } from '@tanstack/react-query';
import { Check, ChevronDown } from 'lucide-react';
import { DropdownMenu } from 'radix-ui';
import { ask } from '../api/client';
import { classesQuery } from '../api/queries';
import { kinds, type ClassReply, type Kind, type WorkedMethod } from '../api/types';
import { useNotice } from '../ui/notices';

const saidOf = (kind: Kind): string => kinds.find((one) => one.value === kind)?.text ?? kind;

/** The ways of working this sum; one of them can be made the class's own for all sums of its kind. */
export function MethodMenu({
  methods,
  chosen,
  kind,
  own,
  onChoose,
}: {
  methods: readonly WorkedMethod[];
  chosen: WorkedMethod;
  kind: Kind;
  /** The class in hand; null where there is none. */
  own: ClassReply | null;
  onChoose: (id: string) => void;
}) {
  const client = useQueryClient();
  const notice = useNotice();
  const house = own?.methods.find((one) => one.kind === kind)?.method ?? null;
  const keep = useMutation({
    mutationFn: (method: string | null) =>
      ask<ClassReply>('PUT', `/api/classes/${own?.id ?? ''}/method`, { kind, method }),
    onSuccess: (now, method) => {
      client.setQueryData(classesQuery.queryKey, (all) => all?.map((one) => (one.id === now.id ? now : one)));
      notice(
        method === null
          ? `For ${saidOf(kind)}, the method that suits the numbers comes first again.`
          : `${now.name} use this method first for ${saidOf(kind)}.`,
      );
    },
    onError: (failure) => {
      notice(failure.message);
    },
  });
  const item =
    'grid cursor-pointer grid-cols-[1.6rem_1fr_auto] items-center gap-x-2 px-4 py-2 outline-none data-[highlighted]:bg-wash';
  return (
    <DropdownMenu.Root modal={false}>
      <DropdownMenu.Trigger
        className="inline-flex min-h-11 items-center gap-2 rounded-md px-2 text-2xl font-bold hover:bg-wash"
        aria-label={`Method: ${chosen.title}`}
      >
        {chosen.title}
        {house === chosen.id && <span className="text-lg font-normal text-soft">our way</span>}
        <ChevronDown size={22} aria-hidden="true" />
        <kbd className="key font-sans font-normal" aria-hidden="true">
          M
        </kbd>
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content align="end" sideOffset={6} className="z-30 border-2 border-ink bg-sheet py-2 text-xl">
          <DropdownMenu.RadioGroup value={chosen.id} onValueChange={onChoose}>
            {methods.map((method, i) => (
              <DropdownMenu.RadioItem key={method.id} value={method.id} className={item}>
                <DropdownMenu.ItemIndicator>
                  <Check size={20} aria-hidden="true" />
                </DropdownMenu.ItemIndicator>
                <span className="col-start-2">{method.title}</span>
                <kbd className="key col-start-3 font-sans" aria-hidden="true">
                  {i + 1}
                </kbd>
              </DropdownMenu.RadioItem>
            ))}
          </DropdownMenu.RadioGroup>
          {own && (
            <>
              <DropdownMenu.Separator className="my-2 border-t border-hair" />
              <DropdownMenu.CheckboxItem
                className={item}
                checked={house === chosen.id}
                onCheckedChange={(wanted) => {
                  keep.mutate(wanted ? chosen.id : null);
                }}
              >
                <DropdownMenu.ItemIndicator>
                  <Check size={20} aria-hidden="true" />
                </DropdownMenu.ItemIndicator>
                <span className="col-start-2">
                  {own.name} use this first for {saidOf(kind)}
                </span>
              </DropdownMenu.CheckboxItem>
            </>
          )}
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
}
