import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { forget, recall, remember } from './kept';

const storage = (): Storage => {
  const kept = new Map<string, string>();
  return {
    getItem: (key: string) => kept.get(key) ?? null,
    setItem: (key: string, value: string) => void kept.set(key, value),
    removeItem: (key: string) => void kept.delete(key),
  } as Storage;
};
const as = { name: 'lot', lasting: false };

beforeEach(() => {
  vi.stubGlobal('sessionStorage', storage());
  vi.stubGlobal('localStorage', storage());
});
afterEach(() => vi.unstubAllGlobals());

describe('what is typed', () => {
  it('is there again after a reload, and gone once it was saved', () => {
    remember(as, { amount: '' }, { amount: '2 kg' }, 'an-act');
    expect(recall(as, { amount: '' })).toEqual({ values: { amount: '2 kg' }, act: 'an-act' });
    forget(as);
    expect(recall(as, { amount: '' })).toBeNull();
  });
  it('is not written over facts that have changed since', () => {
    remember(as, { name: 'Saltwick', version: 1 }, { name: 'Saltwick Bench', version: 1 }, '');
    expect(recall(as, { name: 'Saltwick Sheds', version: 2 })).toBeNull();
  });
  it('outlasts the tab only where it is filled over days', () => {
    remember({ name: 'stock-take', lasting: true }, {}, { found: '3 g' }, 'act');
    expect(recall({ name: 'stock-take', lasting: false }, {})).toBeNull();
    expect(recall({ name: 'stock-take', lasting: true }, {})).toEqual({ values: { found: '3 g' }, act: 'act' });
  });
  it('is let be where it cannot be read or the device is full', () => {
    sessionStorage.setItem('rendle-form lot', '{');
    expect(recall(as, {})).toBeNull();
    vi.stubGlobal('sessionStorage', {
      ...storage(),
      setItem: () => {
        throw new Error('QuotaExceededError');
      },
    });
    expect(() => remember(as, {}, {}, '')).not.toThrow();
  });
});
