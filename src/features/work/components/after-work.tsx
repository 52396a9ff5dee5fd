'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { VERDICT_KINDS, type VerdictKind } from '@/core/regimen';
import { VERDICT_KIND_WORDS } from '@/messages';
import { afterWork as wording } from '@/messages/screens/work';
import { Button } from '@/ui/button';
import { Form } from '@/ui/form';
import { freshId } from '@/ui/id';
import { useSave } from '@/web/use-save';
import { again, judgeIt, writeNote } from '../actions';

const SCORES = [1, 2, 3, 4, 5] as const;

type Props = {
  readonly batchId: number;
  /** The verdicts that stand, with who gave them. */
  readonly verdicts: Readonly<Partial<Record<VerdictKind, { readonly score: number; readonly says: string }>>>;
  readonly notes: readonly { readonly id: number; readonly text: string; readonly says: string }[];
  /** Whether there is anything to judge yet: a coat is on. */
  readonly coated: boolean;
};

/** What its maker thinks of the work, and notes in their own words; both are found again by search. */
export function AfterWork({ batchId, verdicts, notes, coated }: Props) {
  return (
    <section aria-label={wording.verdictsAndNotes}>
      <h2 className="mb-1">{wording.verdictsAndNotes}</h2>
      {coated ? VERDICT_KINDS.map((kind) => <Verdict key={kind} batchId={batchId} kind={kind} now={verdicts[kind]} />) : null}
      <NoteForm batchId={batchId} />
      <ol>
        {notes.map((one) => (
          <li key={one.id} className="border-hair border-t py-1.5">
            <span className="whitespace-pre-wrap">{one.text}</span>
            <span className="reading block text-sm text-soft">{one.says}</span>
          </li>
        ))}
      </ol>
    </section>
  );
}

type VerdictProps = Pick<Props, 'batchId'> & {
  readonly kind: VerdictKind;
  readonly now: { readonly score: number; readonly says: string } | undefined;
};

/** One verdict, from poor to as good as can be; a later word stands in place of an earlier one. */
function Verdict({ batchId, kind, now }: VerdictProps) {
  const { busy, rest, run } = useSave();
  const words = VERDICT_KIND_WORDS[kind];
  return (
    <fieldset className="mb-1">
      <legend className="label">
        {words.asks}
        {now ? <span className="text-soft"> {now.says}</span> : null}
      </legend>
      <div className="grid grid-cols-5 gap-1">
        {SCORES.map((score) => (
          <button
            key={score}
            type="button"
            disabled={busy}
            aria-pressed={now?.score === score}
            className={`min-h-11 border-2 border-ink px-1 text-sm leading-tight ${now?.score === score ? 'bg-ink text-bench' : 'bg-paper'}`}
            onClick={() => void run(() => judgeIt({ clientId: freshId(), batchId, kind, score }))}
          >
            {words.scale[score - 1]}
          </button>
        ))}
      </div>
      {rest([]).map((fault) => (
        <p key={fault} role="alert" className="font-semibold text-late">
          ▲ {fault}
        </p>
      ))}
    </fieldset>
  );
}

function NoteForm({ batchId }: Pick<Props, 'batchId'>) {
  const [text, setText] = useState('');
  const { busy, faults, run } = useSave();
  return (
    <Form
      className="my-2"
      onSubmit={() => {
        void run(
          () => writeNote({ clientId: freshId(), batchId, text }),
          () => setText(''),
        );
      }}
    >
      <label className="flex flex-col gap-1">
        <span className="label">{wording.aNoteInYour}</span>
        <textarea
          rows={2}
          value={text}
          onChange={(event) => setText(event.target.value)}
          placeholder={wording.tookMoreThanEver}
          className="border-0 border-ink border-b-2 bg-paper px-3 py-2 placeholder:text-soft"
        />
      </label>
      {faults.text ? <p className="font-semibold text-late">▲ {faults.text}</p> : null}
      <Button type="submit" className="mt-1" disabled={busy || text.trim() === ''}>
        {wording.keepTheNote}
      </Button>
    </Form>
  );
}

/** Begins another batch by what was really done in this one. */
export function AgainLike({ batchId, start }: { readonly batchId: number; readonly start: string }) {
  const router = useRouter();
  const { busy, rest, run } = useSave<{ readonly regimenId: string }>();
  return (
    <>
      <Button
        disabled={busy}
        onClick={() =>
          void run(
            () => again({ batchId }),
            ({ regimenId }) => router.push(`${start}&regimen=${encodeURIComponent(regimenId)}`),
          )
        }
      >
        {wording.againLikeThisOne}
      </Button>
      {rest([]).map((fault) => (
        <p key={fault} role="alert" className="font-semibold text-late">
          ▲ {fault}
        </p>
      ))}
    </>
  );
}
