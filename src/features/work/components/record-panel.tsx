'use client';

import { useState } from 'react';
import type { Geometry } from '@/core/piece';
import {
  formatDuration,
  formatMass,
  instantOf,
  MS_PER_MINUTE,
  parseHumidity,
  parseMass,
  parseTemperature,
  type Result,
} from '@/core/quantity';
import { sayIssue } from '@/messages';
import { Timing } from '@/web/hands/timing';
import { type HandAction, type HandRisk, pressOf, riskOf } from '@/core/hands';
import { Button } from '@/ui/button';
import { SelectField, TextField } from '@/ui/field';
import { useNow } from '@/ui/now';
import { type SmallPhoto, smallPhoto } from './small-photo';
import { faultsIn, type SeenOn, SurfaceList } from './surface-list';
import { TinScale } from './tin-scale';
import { RecordButtons } from '@/web/hands/record-buttons';
import { useRecord } from '@/web/hands/use-record';

const EMPTY = { grams: '', temp: '', rh: '', seen: '', at: '', next: '', nextGrams: '' };

/** A typed field that may be left empty: then what is usual stands. */
const maybe = <T,>(text: string, parse: (text: string) => Result<T>): { readonly value: T | null; readonly fault: string } => {
  if (text.trim() === '') return { value: null, fault: '' };
  const parsed = parse(text);
  return parsed.ok ? { value: parsed.value, fault: '' } : { value: null, fault: parsed.issues.map(sayIssue).join(' ') };
};

const RISK_WORDS: Readonly<Record<HandRisk, string>> = {
  'past-window': 'The window is past: look it over before you go on.',
  'coat-not-ready': 'the coat beneath is not ready for another',
  'not-drunk': 'it has not drunk its fill, or is not dry enough',
};

/** What an early or a late hand risks, in words. */
function riskWords(action: HandAction, nowMs: number): string | null {
  const risk = riskOf(action, pressOf(action, nowMs));
  if (risk === null || risk === 'past-window') return risk && RISK_WORDS[risk];
  return `${formatDuration(((action.earliestMs ?? nowMs) - nowMs) / MS_PER_MINUTE)} early: ${RISK_WORDS[risk]}. Recording it says so in the book.`;
}

/** Records the next action of one batch with all that was seen; what is left empty is taken from the estimate and the room's last reading. */
export function RecordPanel({
  action,
  nowMs: serverNowMs,
  zone,
  lastDone,
  geometry,
  mayPractise,
  dries,
  nextLots,
}: {
  readonly action: HandAction | null;
  readonly nowMs: number;
  readonly zone: string;
  readonly lastDone: string | null;
  readonly geometry: Geometry;
  readonly mayPractise: boolean;
  /** Whether anything on it dries. */
  readonly dries: boolean;
  /** Lots that may be taken up when the one in hand runs out. */
  readonly nextLots: readonly { readonly id: number; readonly says: string }[];
}) {
  const nowMs = useNow(serverNowMs);
  const [typed, setTyped] = useState(EMPTY);
  const [surfaces, setSurfaces] = useState<SeenOn>({});
  const [photo, setPhoto] = useState<SmallPhoto | null>(null);
  const [photoFault, setPhotoFault] = useState('');
  const { busy, told, record, takeBack } = useRecord(serverNowMs);
  const set = (field: keyof typeof EMPTY) => (event: { readonly target: { readonly value: string } }) =>
    setTyped({ ...typed, [field]: event.target.value });
  if (!action) return <p className="text-lg">Every step of the regimen is done. The checks and the release are next.</p>;
  const [grams, temp, rh] = [maybe(typed.grams, parseMass), maybe(typed.temp, parseTemperature), maybe(typed.rh, parseHumidity)];
  const at = maybe(typed.at, (text) => instantOf(text, zone));
  const nextGrams = maybe(typed.nextGrams, parseMass);
  const faulty = [grams, temp, rh, at, nextGrams].some((one) => one.fault !== '');
  const standing = pressOf(action, nowMs);
  const risk = riskWords(action, nowMs);
  const write = (more: { readonly pass?: boolean; readonly kind?: 'left-out'; readonly sure?: boolean } = {}): void => {
    void record(action, {
      grams: grams.value,
      tempC: temp.value ?? action.tempC,
      rh: rh.value ?? action.rh,
      seen: typed.seen,
      faults: faultsIn(surfaces),
      photo: photo?.blob ?? null,
      ...(typed.next === '' ? {} : { nextLot: { lotId: Number(typed.next), grams: nextGrams.value } }),
      ...(at.value === null ? {} : { at: at.value }),
      ...more,
    }).then((stored) => {
      if (!stored) return;
      setTyped(EMPTY);
      setSurfaces({});
      setPhoto(null);
    });
  };
  return (
    <section aria-label="Record the next action" className="border-ink border-y-2 bg-paper px-4 py-4">
      <div className="flex flex-wrap items-baseline justify-between gap-x-6">
        <h2 className="text-xl">
          Next: {action.action}
          {action.round ? ` (${action.round}, ${action.pieces} pieces)` : ''}
        </h2>
        {action.lot ? <span className="reading text-soft">from {action.lot}</span> : null}
      </div>
      <Timing action={action} nowMs={nowMs} zone={zone} />
      {action.note ? <p className="text-soft">{action.note}</p> : null}
      {action.labelRule ? (
        <p>
          <strong>The label says:</strong> {action.labelRule}. The house’s times stand above; where the maker of a finish rules,
          keep to it.
        </p>
      ) : null}
      {risk ? <p className={`my-2 border-l-4 pl-3 ${standing === 'at-risk' ? 'border-late' : 'border-cure'}`}>{risk}</p> : null}
      {action.blocked ? <p className="my-2 border-late border-l-4 pl-3">▲ No plan: {action.blocked}.</p> : null}
      <div className="mt-2 grid grid-cols-2 gap-x-4 bench:grid-cols-4">
        {action.estimatedG === null ? null : (
          <TextField
            label="Used"
            value={typed.grams}
            onChange={set('grams')}
            placeholder={`about ${formatMass(action.estimatedG)}`}
            hint="an estimate, unless weighed"
            fault={grams.fault}
            inputMode="decimal"
          />
        )}
        <TextField
          label="Done at"
          type="datetime-local"
          value={typed.at}
          onChange={set('at')}
          hint="now, unless typed"
          fault={at.fault}
        />
        <TextField
          label="Temperature"
          value={typed.temp}
          onChange={set('temp')}
          placeholder={action.tempC === null ? '' : `${action.tempC.toFixed(1)} °C`}
          hint="as the room was, unless typed"
          fault={temp.fault}
        />
        <TextField
          label="Humidity"
          value={typed.rh}
          onChange={set('rh')}
          placeholder={action.rh === null ? '' : `${Math.round(action.rh * 100)} %`}
          fault={rh.fault}
        />
        <TextField
          label="Seen"
          value={typed.seen}
          onChange={set('seen')}
          placeholder="dry spots, raised fibre …"
          className={action.estimatedG === null ? '' : 'col-span-2 bench:col-span-3'}
        />
      </div>
      {action.estimatedG === null ? null : (
        <TinScale mayPractise={mayPractise} onUsed={(g) => setTyped({ ...typed, grams: `${g.toFixed(1)} g` })} />
      )}
      {action.estimatedG !== null && nextLots.length > 0 ? (
        <details className="mb-1">
          <summary className="min-h-11 cursor-pointer py-2">
            {action.lot} ran out within this coat{typed.next === '' ? '' : ', the rest from another'}
          </summary>
          <div className="grid max-w-xl grid-cols-2 gap-x-4">
            <SelectField label="The rest came from" value={typed.next} onChange={set('next')} hint="and so do the coats after it">
              <option value="">it did not run out</option>
              {nextLots.map((lot) => (
                <option key={lot.id} value={lot.id}>
                  {lot.says}
                </option>
              ))}
            </SelectField>
            <TextField
              label="Of that"
              value={typed.nextGrams}
              onChange={set('nextGrams')}
              hint="empty: what the first did not hold"
              fault={nextGrams.fault}
              inputMode="decimal"
            />
          </div>
        </details>
      ) : null}
      <details className="mb-3">
        <summary className="min-h-11 cursor-pointer py-2">
          Look it over: surfaces, faults, photo
          {faultsIn(surfaces).length > 0 ? `, ${faultsIn(surfaces).length} amiss` : ''}
          {photo ? ', photo ready' : ''}
        </summary>
        <SurfaceList geometry={geometry} name={action.title} seen={surfaces} dries={dries} onChange={setSurfaces} />
        <label className="mt-2 flex min-h-11 flex-wrap items-center gap-3">
          <span className="font-semibold">Photo</span>
          <input
            type="file"
            accept="image/*"
            capture="environment"
            onChange={(event) => {
              const file = event.target.files?.[0];
              if (!file) return;
              void smallPhoto(file).then((small) => {
                setPhoto(small);
                setPhotoFault(small ? '' : 'This cannot be read as a picture. Try another.');
              });
            }}
          />
          {/* biome-ignore lint/performance/noImgElement: a picture of this device, not yet anywhere else */}
          {photo ? <img src={photo.shown} alt="What will be kept" className="h-20" /> : null}
          {photoFault ? <span className="font-semibold text-late">▲ {photoFault}</span> : null}
        </label>
      </details>
      <div className="flex flex-wrap gap-3">
        <RecordButtons
          action={action}
          nowMs={nowMs}
          busy={busy || faulty}
          className="min-w-48"
          onRecord={(pass) => write(pass === undefined ? {} : { pass })}
        />
        {action.optional ? (
          <Button big disabled={busy} onClick={() => write({ kind: 'left-out' })}>
            Left out
          </Button>
        ) : null}
        {lastDone ? (
          <Button look="quiet" disabled={busy} onClick={() => void takeBack(action.batchId, action.number)}>
            Take back “{lastDone}”
          </Button>
        ) : null}
      </div>
      <p role="status" className={`min-h-6 pt-1 font-semibold ${told?.tone === 'fault' ? 'text-late' : 'text-fit'}`}>
        {told?.tone === 'fault' ? '▲ ' : ''}
        {told?.text}
      </p>
      {told?.asks ? (
        <Button disabled={busy || faulty} onClick={() => write({ sure: true })}>
          It was so: record it
        </Button>
      ) : null}
    </section>
  );
}
