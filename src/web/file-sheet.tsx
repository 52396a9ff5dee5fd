'use client';

import { useState } from 'react';
import { fileSheet as wording } from '@/messages/screens/web';
import { Button } from '@/ui/button';
import { Sheet } from '@/ui/dialog';
import { Faults, SelectField } from '@/ui/field';
import { FileField } from '@/ui/file-field';
import type { Answer } from './act';
import { useSave } from './use-save';

const STATUS = {
  new: { mark: '●', says: 'new', tone: 'text-fit' },
  revision: { mark: '◐', says: 'changes', tone: 'text-wet' },
  same: { mark: '○', says: 'the same as', tone: 'text-soft' },
  refused: { mark: '▲', says: 'not taken', tone: 'text-late' },
} as const;

/** What a file was understood to hold, in words; nothing is refused in silence. */
export type FilePreview = {
  readonly fault: string | null;
  readonly rows: readonly {
    readonly name: string;
    readonly under: string;
    readonly status: keyof typeof STATUS;
    /** The kept thing it is the same as, or changes. */
    readonly knownAs: string | null;
    readonly faults: readonly string[];
  }[];
  /** What the file alone cannot tell: it is guessed, and can be answered otherwise. */
  readonly asks?: readonly {
    readonly name: string;
    readonly label: string;
    readonly value: string;
    readonly options: readonly { readonly value: string; readonly name: string }[];
  }[];
  /** What the button saves, where rows are not what is counted. */
  readonly saves?: string;
};
type Props = {
  readonly opens: string;
  readonly title: string;
  readonly say: string;
  readonly look: (input: unknown) => Promise<Answer<FilePreview>>;
  readonly take: (input: unknown) => Promise<Answer<{ readonly saved: number }>>;
  /** What goes with the text, such as the place it is of. */
  readonly beside?: Readonly<Record<string, unknown>>;
  readonly quiet?: boolean;
};

/** What is asked about a file before it is taken in. */
function FileQuestions({
  preview,
  answers,
  read,
  text,
}: {
  readonly preview: FilePreview;
  readonly answers: Readonly<Record<string, string>>;
  readonly read: (next: string, told: Readonly<Record<string, string>>) => void;
  readonly text: string;
}) {
  return (
    <>
      {preview.asks?.map(({ name, label, value, options }) => (
        <SelectField
          key={name}
          label={label}
          value={answers[name] ?? value}
          onChange={(event) => read(text, { ...answers, [name]: event.target.value })}
        >
          {options.map((one) => (
            <option key={one.value} value={one.value}>
              {one.name}
            </option>
          ))}
        </SelectField>
      ))}
    </>
  );
}

/** Takes a file in: what was understood is shown first, then what is good is saved. */
export function FileSheet({ opens, title, say, look, take, beside = {}, quiet = false }: Props) {
  const [open, setOpen] = useState(false);
  const [text, setText] = useState('');
  const [preview, setPreview] = useState<FilePreview | null>(null);
  const [saved, setSaved] = useState<number | null>(null);
  const [answers, setAnswers] = useState<Readonly<Record<string, string>>>({});
  const looking = useSave<FilePreview>();
  const taking = useSave<{ readonly saved: number }>();
  const read = (next: string, told: typeof answers): void => {
    setText(next);
    setAnswers(told);
    setSaved(null);
    if (next !== text) setPreview(null);
    if (next.trim() !== '') void looking.run(() => look({ ...beside, ...told, text: next }), setPreview);
  };
  const count = preview?.rows.filter((one) => one.status === 'new' || one.status === 'revision').length ?? 0;
  return (
    <>
      <Button look={quiet ? 'quiet' : 'plain'} onClick={() => setOpen(true)}>
        {opens}
      </Button>
      <Sheet title={title} open={open} onOpenChange={setOpen} say={say}>
        <FileField
          label={wording.theFile}
          takes=".json,.csv,.tsv,.txt,text/*,application/json"
          onFile={async (file) => read(await file.text(), {})}
        />
        <label className="flex flex-col gap-1">
          <span className="label">{wording.orPasteIt}</span>
          <textarea
            className="min-h-24 border-2 border-ink bg-paper p-2 font-mono text-sm"
            value={text}
            onChange={(event) => read(event.target.value, {})}
          />
        </label>
        <Faults of={[...(preview?.fault ? [preview.fault] : []), ...looking.rest([]), ...taking.rest([])]} />
        {preview && preview.rows.length > 0 ? (
          <>
            <Understood rows={preview.rows} />
            <FileQuestions preview={preview} answers={answers} read={read} text={text} />
            {saved === null ? (
              <Button
                look="main"
                big
                disabled={count === 0 || taking.busy}
                onClick={() =>
                  void taking.run(
                    () => take({ ...beside, ...answers, text }),
                    (done) => setSaved(done.saved),
                  )
                }
              >
                {count === 0 ? wording.nothingNewToSave : (preview.saves ?? wording.saveOf(count, preview.rows.length))}
              </Button>
            ) : (
              <p role="status" className="font-semibold text-fit">
                {wording.saved(saved)}
              </p>
            )}
          </>
        ) : null}
      </Sheet>
    </>
  );
}

/** What was understood, row by row; nothing is refused in silence. */
function Understood({ rows }: Pick<FilePreview, 'rows'>) {
  return (
    <ul aria-label={wording.whatWasUnderstood}>
      {rows.map((one, i) => {
        const { mark, says, tone } = STATUS[one.status];
        return (
          // biome-ignore lint/suspicious/noArrayIndexKey: a file's formulas have no other name that is sure to differ
          <li key={i} className="border-hair border-b py-2">
            <p>
              <strong>{one.name || wording.noName}</strong>{' '}
              <span className={`font-semibold ${tone}`}>
                {mark} {says} {one.knownAs && one.status !== 'new' ? `“${one.knownAs}”` : ''}
              </span>
            </p>
            <p className="reading text-sm text-soft">{one.under}</p>
            {one.faults.map((fault) => (
              <p key={fault} className="text-sm text-late">
                ▲ {fault}
              </p>
            ))}
          </li>
        );
      })}
    </ul>
  );
}
