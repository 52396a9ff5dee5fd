'use client';

import { zodResolver } from '@hookform/resolvers/zod';
import { useRouter } from 'next/navigation';
import { type RefObject, useEffect, useRef, useState } from 'react';
import {
  type DefaultValues,
  type FieldValues,
  get,
  type Path,
  type PathValue,
  type UseFormReturn,
  useForm as useHookForm,
} from 'react-hook-form';
import type { z } from 'zod';
import { issueOf } from '@/core/contract';
import { sayIssue } from '@/messages';
import { useForm as wording } from '@/messages/screens/web';
import { freshId } from '@/ui/id';
import type { Answer } from '../act';
import { reads } from '../here';
import { placeFaults } from './faults';
import { forget, recall, remember } from './kept';

type Schema<V extends FieldValues> = z.ZodType<unknown, V>;

type Options<V extends FieldValues, T> = {
  /** What its action reads, field by field; faults stand at its paths, of the device and of the server alike. */
  readonly schema: Schema<V>;
  readonly start: V;
  readonly save: (values: V) => Promise<Answer<T>>;
  readonly done?: (value: T) => void;
  /** Its name on this device: what is typed is kept under it until it is saved. Null for a secret, which is kept nowhere. */
  readonly keptAs: string | null;
  /** It is filled over days: what is typed outlasts the tab. */
  readonly lasting?: boolean;
  /** What was saved stays in its fields, as a form of facts that stand; else it begins anew. */
  readonly stays?: boolean;
  /** What the next one begins with, where that depends on the one that was saved. */
  readonly begins?: (saved: V) => V;
};

/** What a field of the form takes: `<TextField label="Name" {...form.field('name')} />`. */
export type FieldOf = {
  readonly name: string;
  readonly value: string;
  readonly onChange: (event: { readonly target: { readonly value: string } }) => void;
  readonly fault: string | undefined;
};

export type FormState<V extends FieldValues> = {
  readonly values: V;
  readonly busy: boolean;
  readonly field: (name: Path<V>) => FieldOf;
  /** The fault at a field that is drawn by other means. */
  readonly fault: (name: Path<V>) => string | undefined;
  readonly set: <P extends Path<V>>(name: P, value: PathValue<V, P>) => void;
  /** What is wrong with the whole, or with what no field shows. */
  readonly faults: readonly string[];
  readonly submit: () => void;
  /** Begins anew; what was typed is let go. */
  readonly reset: (start?: V) => void;
};

const NO_ANSWER = wording.theShopsFileDid;

/** What is typed is kept on the device under the form's name, and comes back after a reload. */
function useKept<V extends FieldValues>(
  form: UseFormReturn<V>,
  base: RefObject<V>,
  keptAs: string | null,
  lasting: boolean,
): RefObject<string> {
  // What it sends is one act, however often it arrives: its id is made on this device, and kept with what is typed.
  const act = useRef('');
  useEffect(() => {
    act.current ||= freshId();
    if (keptAs === null) return;
    const as = { name: keptAs, lasting };
    const kept = recall(as, base.current);
    if (kept) {
      act.current = kept.act ?? act.current;
      form.reset(kept.values, { keepDefaultValues: true });
    }
    const watching = form.watch((values) => remember(as, base.current, values as V, act.current));
    return () => watching.unsubscribe();
  }, [form, base, keptAs, lasting]);
  return act;
}

/** What the form begins from may be read anew; what nobody has touched follows it, what was typed stays. */
function useBeginning<V extends FieldValues>(form: UseFormReturn<V>, base: RefObject<V>, start: V): void {
  const begun = JSON.stringify(start);
  // biome-ignore lint/correctness/useExhaustiveDependencies: what counts is what it begins from, not which object says so
  useEffect(() => {
    const before = JSON.stringify(base.current);
    if (begun === before) return;
    base.current = start;
    if (JSON.stringify(form.getValues()) === before) form.reset(start);
  }, [begun]);
}

/** A form: its schema, its fields and its action. What is typed stays through a fault, a reload and the back button. */
export function useForm<V extends FieldValues, T = void>({
  schema,
  start,
  save,
  done,
  keptAs,
  lasting = false,
  stays = false,
  begins,
}: Options<V, T>): FormState<V> {
  const router = useRouter();
  const [rest, setRest] = useState<readonly string[]>([]);
  const [busy, setBusy] = useState(false);
  const form = useHookForm<V>({
    defaultValues: start as DefaultValues<V>,
    resolver: zodResolver(
      schema as z.ZodType<FieldValues, V>,
      { error: (issue) => sayIssue(issueOf(issue), reads()) },
      { raw: true },
    ),
    shouldFocusError: false,
  });
  const base = useRef(start);
  /** Set while it is being sent, so that a second touch sends nothing. */
  const sending = useRef(false);

  const act = useKept(form, base, keptAs, lasting);
  useBeginning(form, base, start);
  const letGo = (): void => (keptAs === null ? undefined : forget({ name: keptAs, lasting }));
  const values = form.watch();
  const fault = (name: Path<V>): string | undefined =>
    (get(form.formState.errors, name) as { readonly message?: string } | undefined)?.message;
  const set: FormState<V>['set'] = (name, value) => {
    form.setValue(name, value, { shouldDirty: true });
    form.clearErrors(name);
  };
  const send = async (typed: V): Promise<void> => {
    setBusy(true);
    setRest([]);
    try {
      const answer = await save({ ...typed, act: act.current });
      if (answer.ok || answer.before) act.current = freshId();
      if (answer.ok) {
        if (stays) base.current = typed;
        if (begins) base.current = begins(typed);
        // Typed after it was sent: it stays, for the next one.
        if (JSON.stringify(form.getValues()) === JSON.stringify(typed)) form.reset(base.current);
        letGo();
        done?.(answer.value);
        router.refresh();
      } else {
        const placed = placeFaults(typed, answer.faults);
        for (const [path, message] of placed.atFields) form.setError(path as Path<V>, { message });
        setRest(placed.rest);
      }
    } catch {
      void import('../away').then(({ lookAtDoor }) => lookAtDoor()).catch(() => undefined);
      setRest([NO_ANSWER]);
    }
    setBusy(false);
  };
  return {
    values,
    busy,
    fault,
    set,
    faults: rest,
    field: (name) => ({
      name,
      value: String(get(values, name) ?? ''),
      onChange: (event) => set(name, event.target.value as PathValue<V, typeof name>),
      fault: fault(name),
    }),
    submit: () => {
      if (sending.current) return;
      sending.current = true;
      void form
        .handleSubmit(
          () => send(form.getValues()),
          (errors) => setRest(loose(errors, values)),
        )()
        .finally(() => {
          sending.current = false;
        });
    },
    reset: (again = base.current) => {
      base.current = again;
      form.reset(again);
      letGo();
      setRest([]);
    },
  };
}

/** Messages of faults that stand at no field of the form. */
const loose = (errors: object, values: FieldValues): string[] =>
  Object.entries(errors).flatMap(([name, error]: [string, { readonly message?: string } | undefined]) =>
    error?.message && !(name in values) ? [error.message] : [],
  );
