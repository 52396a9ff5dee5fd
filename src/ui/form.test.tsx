// @vitest-environment jsdom
import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { act } from 'react';
import { createPortal } from 'react-dom';
import { createRoot } from 'react-dom/client';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { Form } from './form';

Object.assign(globalThis, { IS_REACT_ACT_ENVIRONMENT: true });
afterEach(() => document.body.replaceChildren());

describe('a form drawn elsewhere on the page by a part of another', () => {
  const outer = vi.fn();
  const inner = vi.fn();
  function draw() {
    outer.mockClear();
    inner.mockClear();
    const at = document.body.appendChild(document.createElement('div'));
    act(() =>
      createRoot(at).render(
        <Form onSubmit={outer} id="outer">
          <button type="submit">Start the batch</button>
          {createPortal(
            <Form onSubmit={inner} id="inner">
              <button type="submit">Save design</button>
            </Form>,
            document.body,
          )}
        </Form>,
      ),
    );
    return (id: string) => act(() => document.querySelector<HTMLButtonElement>(`#${id} button`)?.click());
  }
  it('is sent alone', () => {
    draw()('inner');
    expect([inner, outer].map((one) => one.mock.calls.length)).toEqual([1, 0]);
  });
  it('leaves the other its own button', () => {
    draw()('outer');
    expect([inner, outer].map((one) => one.mock.calls.length)).toEqual([0, 1]);
  });
});

describe('every form with a handler', () => {
  it('is this one: none is written by hand', () => {
    const files = readdirSync('src', { recursive: true, encoding: 'utf8' }).filter((name) => name.endsWith('.tsx'));
    expect(files.length).toBeGreaterThan(100);
    const byHand = files.filter(
      (name) =>
        name !== path.join('ui', 'form.tsx') && /<form\b[^>]*\bonSubmit/.test(readFileSync(path.join('src', name), 'utf8')),
    );
    expect(byHand).toEqual([]);
  });
});
