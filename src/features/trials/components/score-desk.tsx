'use client';

import { useEffect, useRef, useState } from 'react';
import { parsePositive } from '@/core/quantity';
import { GRADES, LONGEST_DROP_S, type TrialKind } from '@/core/trial';
import { sayIssue, TRIAL_KIND_WORDS } from '@/messages';
import { shared } from '@/messages/screens/shared';
import { scoreDesk as wording } from '@/messages/screens/trials';
import { Button, linkLook } from '@/ui/button';
import { Faults, TextField } from '@/ui/field';
import { Form } from '@/ui/form';
import { freshId } from '@/ui/id';
import { Link } from '@/ui/link';
import { reads } from '@/web/here';
import { useSave } from '@/web/use-save';
import { saveScores } from '../actions';

type Asked = { readonly board: number; readonly place: number; readonly kind: TrialKind; readonly name: string | null };
type Props = {
  readonly trialId: number;
  readonly number: string;
  readonly cycle: number;
  readonly blind: boolean;
  /** What is asked, in its order. */
  readonly asked: readonly Asked[];
  readonly ready: boolean;
};

/** Who scores, before the first score. */
function BeginScoring({
  setBegun,
  scorer,
  setScorer,
  asked,
}: {
  readonly setBegun: (next: boolean) => void;
  readonly scorer: string;
  readonly setScorer: (next: string) => void;
  readonly asked: readonly Asked[];
}) {
  return (
    <Form
      className="flex max-w-md flex-col gap-2"
      onSubmit={() => {
        setBegun(true);
      }}
    >
      <h1>{wording.scoredBySomeoneWho}</h1>
      <p>{wording.handTheTabletOver}</p>
      <TextField
        label={wording.whoScoresIfIt}
        value={scorer}
        onChange={(event) => setScorer(event.target.value)}
        hint={wording.keptWithTheScores}
      />
      <Button look="main" big type="submit">
        {wording.beginToScore(asked.length)}
      </Button>
    </Form>
  );
}

/** One field after another, one question each: five words to touch, or a drop to time. Blind: tags alone. */
export function ScoreDesk({ trialId, number, cycle, blind, asked, ready }: Props) {
  const [scorer, setScorer] = useState('');
  const [begun, setBegun] = useState(!blind);
  const [at, setAt] = useState(0);
  const [given, setGiven] = useState<Readonly<Record<number, number>>>({});
  const saving = useSave();
  const resting = useRef(0);
  const now = asked[at];
  const give = (value: number): void => {
    if (!now || Date.now() < resting.current) return;
    // A second tap in the same breath belongs to no other field.
    resting.current = Date.now() + 350;
    const { board, place, kind } = now;
    void saving.run(
      () => saveScores({ trialId, blind, scorer, scores: [{ clientId: freshId(), board, place, kind, value }] }),
      () => {
        setGiven((all) => ({ ...all, [at]: value }));
        setAt((one) => one + 1);
      },
    );
  };
  const away = (
    <Link href={`/trials/${number}`} className={linkLook('plain')}>
      {wording.backToTheTrial}
    </Link>
  );
  return (
    <main className="mx-auto flex min-h-screen max-w-4xl flex-col gap-6 p-6" data-blind={blind}>
      <div className="flex flex-wrap items-center justify-between gap-4">
        <p className="reading text-lg">
          <strong>{number}</strong>
          {wording.after(cycle, cycle === 1 ? wording.cycle : wording.cycles, blind ? wording.blind : '')}
        </p>
        {away}
      </div>
      {ready ? null : <p className="font-semibold text-late">{wording.sayFirstWhoIs}</p>}
      {!begun ? (
        <BeginScoring setBegun={setBegun} scorer={scorer} setScorer={setScorer} asked={asked} />
      ) : now ? (
        <section aria-label={wording.score}>
          <p className="label">{wording.ofWord(at + 1, asked.length)}</p>
          <h1 className="reading text-6xl">
            {now.board}·{now.place}
          </h1>
          <p className="text-soft">{wording.boardFieldFromThe(now.board, now.place, now.name ? `: ${now.name}` : '')}</p>
          <p className="mt-4 text-xl font-semibold">{TRIAL_KIND_WORDS[now.kind].asks}</p>
          {TRIAL_KIND_WORDS[now.kind].grades ? (
            <Grades kind={now.kind} key={at} chosen={given[at] ?? null} onGive={give} />
          ) : (
            <Drop key={at} onGive={give} />
          )}
          <Faults of={saving.rest([])} />
          {at > 0 ? (
            <Button look="quiet" onClick={() => setAt(at - 1)}>
              {wording.theOneBeforeAgain}
            </Button>
          ) : null}
        </section>
      ) : (
        <section>
          <h1>{wording.allScored}</h1>
          <p className="mt-2">{wording.scoresAreKept(asked.length, blind ? wording.thankWhoeverGaveThem : '')}</p>
          <div className="mt-4 flex gap-3">
            {away}
            <Button onClick={() => setAt(0)}>{wording.goThroughThemAgain}</Button>
          </div>
        </section>
      )}
    </main>
  );
}

type GradesProps = { readonly kind: TrialKind; readonly chosen: number | null; readonly onGive: (value: number) => void };

/** Five words, worst first; the figure is its key. */
function Grades({ kind, chosen, onGive }: GradesProps) {
  const give = useRef(onGive);
  give.current = onGive;
  useEffect(() => {
    const press = (event: KeyboardEvent): void => {
      const grade = GRADES.find((one) => String(one) === event.key);
      if (grade && !event.ctrlKey && !event.metaKey && !event.altKey && !event.repeat) give.current(grade);
    };
    window.addEventListener('keydown', press);
    return () => window.removeEventListener('keydown', press);
  }, []);
  return (
    <ol className="mt-3 flex flex-col gap-2">
      {GRADES.map((grade) => (
        <li key={grade}>
          <button
            type="button"
            onClick={() => onGive(grade)}
            aria-pressed={chosen === grade}
            className={`flex min-h-16 w-full items-center gap-4 border-2 border-ink px-4 text-left text-lg hover:bg-hair ${chosen === grade ? 'bg-paper font-semibold' : ''}`}
          >
            <span className="reading text-3xl font-semibold">{grade}</span>
            {TRIAL_KIND_WORDS[kind].grades?.[grade - 1]}
          </button>
        </li>
      ))}
    </ol>
  );
}

/** A drop that is timed: one touch when it lies, one when it no longer shines; or its seconds typed. */
function Drop({ onGive }: { readonly onGive: (value: number) => void }) {
  const [from, setFrom] = useState<number | null>(null);
  const [nowMs, setNow] = useState(0);
  const [typed, setTyped] = useState('');
  const [fault, setFault] = useState<string | undefined>();
  useEffect(() => {
    if (from === null) return;
    const turn = setInterval(() => setNow(Date.now()), 200);
    return () => clearInterval(turn);
  }, [from]);
  const seconds = from === null ? 0 : Math.max(0, Math.round((nowMs - from) / 1000));
  const send = (): void => {
    const read = parsePositive(typed);
    const fault = !read.ok
      ? read.issues[0]
      : read.value > LONGEST_DROP_S
        ? { code: 'not-a-score' as const, path: '', with: { least: 0, most: LONGEST_DROP_S } }
        : undefined;
    if (fault) setFault(sayIssue(fault, reads()));
    else if (read.ok) onGive(Math.round(read.value));
  };
  return (
    <div className="mt-3 flex flex-col gap-4">
      {from === null ? (
        <Button
          look="hand"
          big
          onClick={() => {
            setNow(Date.now());
            setFrom(Date.now());
          }}
        >
          {wording.theDropLies}
        </Button>
      ) : (
        <>
          <p className="reading text-6xl font-semibold" aria-live="off">
            {seconds} s
          </p>
          <Button look="hand" big onClick={() => onGive(Math.min(LONGEST_DROP_S, Math.max(1, seconds)))}>
            {wording.itNoLongerShines}
          </Button>
        </>
      )}
      <div className="flex items-end gap-3">
        <TextField
          label={wording.orItsSeconds}
          inputMode="numeric"
          value={typed}
          onChange={(event) => {
            setTyped(event.target.value);
            setFault(undefined);
          }}
          fault={fault}
        />
        <Button className="mb-6" onClick={send}>
          {shared.keepIt}
        </Button>
      </div>
    </div>
  );
}
