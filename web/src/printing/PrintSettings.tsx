import { useId } from 'react';
import { answerForms, type Layout, type Scaffold, type SheetSettings, type TypeSize } from '../api/types';
import { useClasses } from '../classroom/useClasses';
import { Pick, Tick } from '../ui/Pick';
import type { Fitting } from './pieces';
import { timesGiven } from '../sheet/forms';

const layouts: readonly { value: Layout; text: string }[] = [
  { value: 'page', text: 'the lesson' },
  { value: 'tickets', text: 'exit tickets' },
  { value: 'slips', text: 'warm-up slips' },
  { value: 'home', text: 'home' },
];
const scaffolds: readonly { value: Scaffold; text: string }[] = [
  { value: 'full', text: 'all set out' },
  { value: 'outline', text: 'empty paper' },
  { value: 'none', text: 'only a line' },
];
const sizes: readonly { value: TypeSize; text: string }[] = [
  { value: 'small', text: 'small' },
  { value: 'usual', text: 'usual' },
  { value: 'large', text: 'large' },
];
const columns: readonly { value: 'auto' | '1' | '2'; text: string }[] = [
  { value: 'auto', text: 'automatic' },
  { value: '1', text: 'one' },
  { value: '2', text: 'two' },
];

interface Props {
  settings: SheetSettings;
  /** The class it is for. */
  classId: string | null;
  /** How many pieces fit on a page, where they are to be cut apart; null where it is not known. */
  fitting: Fitting | null;
  onChange: (part: Partial<SheetSettings>) => void;
  onClass: (id: string | null) => void;
}

/** How the sheet is set out; kept with the sheet. */
export function PrintSettings({ settings, classId, fitting, onChange, onClass }: Props) {
  const { classes } = useClasses();
  const instruction = useId();
  const isPage = settings.layout === 'page' || settings.layout === 'home';
  return (
    <>
      <Pick
        label="For"
        value={settings.layout}
        options={layouts}
        onChange={(layout) => {
          onChange({ layout });
        }}
      />
      {!isPage && fitting && (
        <p role="status" className="mb-2 text-soft">
          {fitting.fits === 1 ? 'One to a page' : `${fitting.fits} to a page`}
          {fitting.fits < fitting.most ? ': what is drawn takes its room.' : ', to be cut apart.'}
        </p>
      )}
      <Pick
        label="Answers"
        value={settings.answers}
        options={answerForms}
        onChange={(answers) => {
          onChange({ answers });
        }}
      />
      <Pick
        label="Times given"
        value={settings.times}
        options={timesGiven}
        onChange={(times) => {
          onChange({ times });
        }}
      />
      <Pick
        label="Working space"
        value={settings.scaffold}
        options={scaffolds}
        onChange={(scaffold) => {
          onChange({ scaffold });
        }}
      />
      {isPage && (
        <Pick
          label="Columns"
          value={settings.columns === 1 ? '1' : settings.columns === 2 ? '2' : 'auto'}
          options={columns}
          onChange={(value) => {
            onChange({ columns: value === 'auto' ? null : Number(value) });
          }}
        />
      )}
      <Pick
        label="Text size"
        value={settings.type}
        options={sizes}
        onChange={(type) => {
          onChange({ type });
        }}
      />
      {isPage && (
        <>
          {settings.layout === 'page' && (
            <Tick
              label="Worked example"
              value={settings.example}
              onChange={(example) => {
                onChange({ example });
              }}
            />
          )}
          <Tick
            label="Chart of units"
            value={settings.chart}
            onChange={(chart) => {
              onChange({ chart });
            }}
          />
          <div className="border-b border-hair py-2">
            <label htmlFor={instruction}>Instruction</label>
            <input
              id={instruction}
              className="mt-1 min-h-9 w-full rounded-md border-2 border-ink bg-sheet px-2"
              value={settings.instruction}
              maxLength={200}
              placeholder="Write 60 when you take an hour."
              onChange={(event) => {
                onChange({ instruction: event.target.value });
              }}
            />
          </div>
        </>
      )}
      {classes.length > 0 && (
        <Pick
          label="Class"
          value={classId ?? ''}
          options={[{ value: '', text: 'none' }, ...classes.map((one) => ({ value: one.id, text: one.name }))]}
          onChange={(id) => {
            onClass(id === '' ? null : id);
          }}
        />
      )}
    </>
  );
}
