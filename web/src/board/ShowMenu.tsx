import { useMutation, useQueryClient } from '@tanstack/react-query';
import { Check } from 'lucide-react';
import { DropdownMenu } from 'radix-ui';
import { useState, type ReactNode } from 'react';
import { ask } from '../api/client';
import { classesQuery } from '../api/queries';
import { kinds, type ClassReply, type Kind, type WorkedMethod } from '../api/types';
import { Button } from '../ui/Button';
import { useKeys } from '../ui/keys';
import { useNotice } from '../ui/notices';
import { faceOptions, withToggled } from './FaceMenu';
import { modelKeys, type ModelName } from './scene';
import { Key } from '../ui/Key';
import { menusPlace } from '../ui/menusPlace';

const saidOf = (kind: Kind): string => kinds.find((one) => one.value === kind)?.text ?? kind;

const item =
  'grid cursor-pointer grid-cols-[1.6rem_1fr_auto] items-center gap-x-2 px-4 py-1.5 outline-none data-[highlighted]:bg-wash';

/** Whose it is: Kittiwakes’, Class 4’s. */
const ofThe = (name: string): string => (name.endsWith('s') ? `${name}’` : `${name}’s`);

/** The menu stays open: one changes several things at once. */
const stays = (event: Event) => {
  event.preventDefault();
};

/** What is shown of a sum: which models, in which method, with which clock face. */
export function ShowMenu({
  models,
  methods,
  face,
  answer,
}: {
  models: readonly { name: ModelName; title: string; on: boolean; toggle: () => void }[];
  methods: {
    all: readonly WorkedMethod[];
    chosen: WorkedMethod;
    kind: Kind;
    /** The class in hand; null where there is none. */
    own: ClassReply | null;
    choose: (id: string) => void;
  };
  /** What is on the clock; null where there is none. */
  face: { names: readonly string[]; change: (names: string[]) => void } | null;
  answer: { on: boolean; toggle: () => void };
}) {
  const [open, setOpen] = useState(false);
  const { all, chosen, kind, own, choose } = methods;
  const client = useQueryClient();
  const notice = useNotice();
  const house = own?.methods.find((one) => one.kind === kind)?.method ?? null;
  const keep = useMutation({
    mutationFn: (method: string | null) =>
      ask<ClassReply>('PUT', `/api/classes/${own?.id ?? ''}/method`, { kind, method }),
    onSuccess: (now, method) => {
      client.setQueryData(classesQuery.queryKey, (was) => was?.map((one) => (one.id === now.id ? now : one)));
      notice(
        method === null
          ? `For ${saidOf(kind)}, the method that suits the numbers comes first again.`
          : `This is now ${ofThe(now.name)} usual method for ${saidOf(kind)}.`,
      );
    },
    onError: (failure) => {
      notice(failure.message);
    },
  });
  useKeys({
    o: () => {
      setOpen(true);
    },
  });
  return (
    <DropdownMenu.Root open={open} onOpenChange={setOpen} modal={false}>
      <DropdownMenu.Trigger asChild>
        <Button className="min-h-12" shortcut="O">
          Show…
        </Button>
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal container={menusPlace()}>
        <DropdownMenu.Content
          side="top"
          align="end"
          sideOffset={8}
          collisionPadding={8}
          className="z-30 flex max-h-[calc(100dvh-6rem)] flex-wrap overflow-y-auto border-2 border-ink bg-sheet py-2 text-xl"
          data-own-keys
        >
          <div>
            <Head>Models</Head>
            {models.map(({ name, title, on, toggle }) => (
              <DropdownMenu.CheckboxItem
                key={name}
                className={item}
                checked={on}
                onSelect={stays}
                onCheckedChange={toggle}
              >
                <Ticked />
                <span className="col-start-2">{title}</span>
                <Key of={modelKeys[name]} className="col-start-3" />
              </DropdownMenu.CheckboxItem>
            ))}
            <DropdownMenu.Separator className="my-2 border-t border-hair" />
            <DropdownMenu.CheckboxItem
              className={item}
              checked={answer.on}
              onSelect={stays}
              onCheckedChange={answer.toggle}
            >
              <Ticked />
              <span className="col-start-2">The answer</span>
              <Key of="A" className="col-start-3" />
            </DropdownMenu.CheckboxItem>
          </div>
          <div>
            <Head>Method</Head>
            <DropdownMenu.RadioGroup value={chosen.id} onValueChange={choose}>
              {all.map((method, i) => (
                <DropdownMenu.RadioItem key={method.id} value={method.id} className={item} onSelect={stays}>
                  <Ticked />
                  <span className="col-start-2">
                    {method.title}
                    {house === method.id && <span className="text-base text-soft"> usual</span>}
                  </span>
                  <Key of={String(i + 1)} className="col-start-3" />
                </DropdownMenu.RadioItem>
              ))}
            </DropdownMenu.RadioGroup>
            {own && (
              <>
                <DropdownMenu.Separator className="my-2 border-t border-hair" />
                <DropdownMenu.CheckboxItem
                  className={item}
                  checked={house === chosen.id}
                  onSelect={stays}
                  onCheckedChange={(wanted) => {
                    keep.mutate(wanted ? chosen.id : null);
                  }}
                >
                  <Ticked />
                  <span className="col-start-2 max-w-64">
                    Make this {ofThe(own.name)} usual method for {saidOf(kind)}
                  </span>
                </DropdownMenu.CheckboxItem>
              </>
            )}
          </div>
          {face && (
            <div>
              <Head>Clock face</Head>
              {faceOptions.map(([name, title]) => (
                <DropdownMenu.CheckboxItem
                  key={name}
                  className={item}
                  checked={face.names.includes(name)}
                  onSelect={stays}
                  onCheckedChange={() => {
                    face.change(withToggled(face.names, name));
                  }}
                >
                  <Ticked />
                  <span className="col-start-2">{title}</span>
                </DropdownMenu.CheckboxItem>
              ))}
            </div>
          )}
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
}

function Head({ children }: { children: ReactNode }) {
  return <DropdownMenu.Label className="px-4 pb-1 text-base text-soft">{children}</DropdownMenu.Label>;
}

function Ticked() {
  return (
    <DropdownMenu.ItemIndicator>
      <Check size={20} aria-hidden="true" />
    </DropdownMenu.ItemIndicator>
  );
}
