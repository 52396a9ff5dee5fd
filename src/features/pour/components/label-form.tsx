'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { LANGUAGES } from '@/core/care';
import { LANGUAGE_NAMES } from '@/messages/care';
import { labelForm as wording } from '@/messages/screens/pour';
import { shared } from '@/messages/screens/shared';
import { fitsPage, GRIDS, type Grid, type Label, sheetFault, typeFor } from '@/print/label';
import { linkLook } from '@/ui/button';
import { SelectField, TextField } from '@/ui/field';
import { LabelDrawn } from './label-drawn';

const OWN = {
  columns: '2',
  rows: '7',
  width: '90',
  height: '38',
  left: '12',
  top: '10',
  gapX: '6',
  gapY: '1',
  pageWidth: '210',
  pageHeight: '297',
};
const NAMES: Readonly<Record<keyof typeof OWN, string>> = {
  columns: 'Across',
  rows: 'Down',
  width: 'Width',
  height: 'Height',
  left: wording.leftEdge,
  top: wording.topEdge,
  gapX: wording.gapAcross,
  gapY: wording.gapDown,
  pageWidth: wording.pageWidth,
  pageHeight: wording.pageHeight,
};

const ownGrid = (own: typeof OWN): Grid => {
  const n = (key: keyof typeof OWN): number => Number(own[key].replace(',', '.')) || 0;
  return {
    id: 'own',
    name: 'own',
    page: [n('pageWidth'), n('pageHeight')],
    columns: n('columns'),
    rows: n('rows'),
    width: n('width'),
    height: n('height'),
    left: n('left'),
    top: n('top'),
    gapX: n('gapX'),
    gapY: n('gapY'),
  };
};

type Props = { readonly lotId: number; readonly label: Label; readonly code: string; readonly count: number };

/** Chooses the sheet and how many; the label stands beside it as it will be printed. */
export function LabelForm({ lotId, label, code, count: first }: Props) {
  const router = useRouter();
  const [gridId, setGridId] = useState(GRIDS[0]?.id ?? 'own');
  const [own, setOwn] = useState(OWN);
  const [count, setCount] = useState(String(first));
  const [from, setFrom] = useState('1');
  const grid = GRIDS.find((one) => one.id === gridId) ?? ownGrid(own);
  const lies = fitsPage(grid);
  const size = lies ? typeFor(label, grid) : null;
  const fault = sheetFault(grid, Number(count), Number(from));
  const query = new URLSearchParams({
    lot: String(lotId),
    lang: label.language,
    grid: gridId,
    count,
    from,
    ...(gridId === 'own' ? own : {}),
  });
  return (
    <div className="grid gap-8 bench:grid-cols-2">
      <div>
        <SelectField
          label={wording.language}
          value={label.language}
          onChange={(event) => router.replace(`?lang=${event.target.value}`, { scroll: false })}
        >
          {LANGUAGES.map((one) => (
            <option key={one} value={one}>
              {LANGUAGE_NAMES[one]}
            </option>
          ))}
        </SelectField>
        <SelectField label={wording.sheet} value={gridId} onChange={(event) => setGridId(event.target.value)}>
          {GRIDS.map((one) => (
            <option key={one.id} value={one.id}>
              {one.name}
            </option>
          ))}
          <option value="own">{wording.myOwnInMillimetres}</option>
        </SelectField>
        {gridId === 'own' ? (
          <div className="grid grid-cols-4 gap-x-4">
            {(Object.keys(OWN) as (keyof typeof OWN)[]).map((key) => (
              <TextField
                key={key}
                label={NAMES[key]}
                value={own[key]}
                onChange={(event) => setOwn({ ...own, [key]: event.target.value })}
                inputMode="decimal"
              />
            ))}
          </div>
        ) : null}
        <div className="grid grid-cols-2 gap-4">
          <TextField
            label={shared.howMany}
            value={count}
            onChange={(event) => setCount(event.target.value)}
            inputMode="numeric"
          />
          <TextField
            label={wording.beginningAtPlace}
            value={from}
            onChange={(event) => setFrom(event.target.value)}
            inputMode="numeric"
            hint={wording.forAPartUsed}
          />
        </div>
        <ToPrint query={query} fault={!lies ? NOT_ON_PAGE : size === null ? NO_ROOM : fault} />
        <p className="mt-3 max-w-prose text-sm text-soft">{wording.whatALabelMust}</p>
      </div>
      {lies && size !== null ? <LabelDrawn label={label} code={code} grid={grid} size={size} /> : null}
    </div>
  );
}

const NO_ROOM = wording.allThatMustBe;
const NOT_ON_PAGE = wording.theseLabelsDoNot;

/** The sheets to print, or why there are none. */
function ToPrint({ query, fault }: { readonly query: URLSearchParams; readonly fault: string | null }) {
  return fault ? (
    <p role="alert" className="font-semibold text-late">
      ▲ {fault}
    </p>
  ) : (
    <p className="flex flex-wrap gap-3">
      <a className={linkLook('main', true)} href={`/api/label?as=pdf&${query}`} target="_blank" rel="noreferrer">
        {wording.sheetsAsPdf}
      </a>
      <a className={linkLook('plain', true)} href={`/api/label?as=png&${query}`}>
        {wording.oneAsAPicture}
      </a>
    </p>
  );
}
