import { describe, expect, it } from 'vitest';
import { demoDb } from '@/data/testing';
import { setHolder } from '../care/plans';
import { soldPieces } from '../care/queries';
import { startRestoration } from '../restore/restore';
import { allLots } from '../stores/queries';
import { traceOf } from '../trace/queries';
import { loadBatch, openBatchIds } from '../work/batch';
import { alsoFrom, findAnyPiece, homecomings, pieceByCode } from './piece';

const NOW = Date.parse('2031-03-05T14:20:00Z');
const TODAY = '2031-03-05';

describe('a piece', () => {
  const db = demoDb(NOW);
  const [one] = soldPieces(db, TODAY).filter((row) => row.number === '31-001');
  const code = one?.code ?? '';
  const codes = (asked: string): string[] => findAnyPiece(db, asked).map((row) => row.code);
  it('is found by what is chalked on it, by its code however it is typed, and by its batch', () => {
    expect(codes(` ${code.toLowerCase()} `)).toEqual([code]);
    expect(codes(`31-001/${one?.ordinal}`)).toEqual([code]);
    expect(codes('31-001')).toHaveLength(pieceByCode(db, code, NOW)?.of.pieces.length ?? 0);
  });
  it('is found by a part of its owner’s name, with or without accents', () => {
    const nameless = soldPieces(db, TODAY).find((row) => row.buyer === null)?.code ?? '';
    setHolder(db, { code: nameless, name: 'Zoë Marchmont', email: '' });
    expect(codes('zoe')).toEqual([nameless]);
    expect(codes('ARCHMO')).toEqual([nameless]);
    expect(codes('z')).toEqual([]);
  });
  it('is found in the shop as well as sold, and not by nothing nor by a part of a number', () => {
    const open = loadBatch(db, openBatchIds(db)[0] ?? 0, NOW);
    const here = open?.pieces[0];
    expect(findAnyPiece(db, here?.code ?? '')).toMatchObject([{ soldOn: null, number: open?.number }]);
    expect(codes('  ')).toEqual([]);
    expect(codes('31-0')).toEqual([]);
    expect(pieceByCode(db, 'NOSUCHCODE', NOW)).toBeNull();
  });
  it('knows what else was finished from its lots: every other piece of the trace and none of its own batch', () => {
    const found = pieceByCode(db, code, NOW);
    const lot = found?.of.on[0];
    const trace = traceOf(db, lot?.id ?? 0);
    const others = trace?.pieces.filter((row) => row.batchId !== found?.of.id) ?? [];
    expect(alsoFrom(db, lot?.id ?? 0, found?.of.id ?? 0)).toMatchObject({
      pieces: others.length,
      sold: others.filter((row) => row.soldOn !== null).length,
    });
    expect((trace?.pieces.length ?? 0) - others.length).toBe(found?.of.pieces.length);
  });
  it('remembers when it came home', () => {
    const found = pieceByCode(db, code, NOW);
    const like = openBatchIds(db).flatMap((id) => loadBatch(db, id, NOW) ?? [])[0];
    const made = startRestoration(
      db,
      { code, owner: 'Zoë Marchmont', wasFinishedWith: '', marks: [], billMinor: null, sands: true },
      {
        designRevisionId: found?.of.designRevisionId ?? 0,
        speciesId: 'pear',
        origin: 'bought',
        pieces: 1,
        regimenRevisionId: like?.regimenRevisionId ?? 0,
        materials: like ? Object.fromEntries(Object.entries(like.materials).map(([slot, lot]) => [slot, lot.id])) : {},
        startAt: NOW,
        dueAt: null,
      },
      { personId: 1, nowMs: NOW },
    );
    expect(made.ok || made.issues).toBe(true);
    expect(homecomings(db, found?.piece.id ?? 0)).toMatchObject([{ at: NOW, backAt: null }]);
    expect(allLots(db).length).toBeGreaterThan(0);
  });
});
