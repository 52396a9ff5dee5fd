import { readFileSync } from 'node:fs';
import { request as ask } from 'node:http';
import path from 'node:path';
import { routesOf } from '../src/web/routes-of';
import { beWren, expect, test } from './shop';

/* Rubbish at every door: each is answered with a word and a 4xx, or as what it is; nothing falls over. */

const ROUTES = routesOf(path.resolve(import.meta.dirname, '../src/app')).map(([route]) => route);
const BAD_PARTS = ['x', '-1', '999999999999999999999', '__proto__', '..%2f..%2fshop', 'a'.repeat(300)];
const BAD_SEARCH = ['?__proto__[x]=1&id=&id=&page=-1&sort=x', `?lot=${'9'.repeat(400)}&told=x&lang=xx&grid=x&sheet=x`];

type Action = { readonly workers: Readonly<Record<string, unknown>>; readonly exportedName: string };

/** A page of the app that has an act, by the name its build gives it: `app/(shop)/work/[number]/page` → `/work/1`. */
const pageOf = (name: string): string =>
  `/${name
    .split('/')
    .slice(1, -1)
    .filter((part) => !part.startsWith('('))
    .map((part) => (part.startsWith('[') ? '1' : part))
    .join('/')}`;

/** One request as it is, escapes and method untouched. */
const raw = (port: number, method: string, address: string, headers: Record<string, string> = {}, body = ''): Promise<number> =>
  new Promise((done, failed) => {
    const sent = ask(
      {
        port,
        host: '127.0.0.1',
        method,
        path: address,
        headers: { ...headers, ...(body ? { 'content-length': String(Buffer.byteLength(body)) } : {}) },
      },
      (answer) => {
        answer.resume();
        answer.on('end', () => done(answer.statusCode ?? 0));
      },
    );
    sent.on('error', failed);
    sent.end(body);
  });

test('every address with rubbish in it is answered in words, whatever the method', { tag: '@walk' }, async ({ shop }) => {
  const port = Number(new URL(shop.url).port);
  const fell: string[] = [];
  const look = async (method: string, address: string, body = ''): Promise<void> => {
    const headers = {
      origin: shop.url,
      host: new URL(shop.url).host,
      'content-type': 'application/json',
      cookie: 'rendle-person=1',
    };
    const status = await raw(port, method, address, headers, body);
    if (status >= 500) fell.push(`${status} ${method} ${address.slice(0, 80)} ${body.slice(0, 30)}`);
  };
  for (const route of ROUTES) {
    // A wrong code is answered slower each time, on purpose: what stands behind it is tried once.
    if (route.startsWith('/care/{')) {
      await look('GET', route.replace(/\{\w+\}/g, '__proto__'));
      continue;
    }
    for (const part of /\{/.test(route) ? BAD_PARTS : ['']) await look('GET', route.replace(/\{\w+\}/g, part));
    for (const search of BAD_SEARCH) await look('GET', `${route.replace(/\{\w+\}/g, '1')}${search}`);
    for (const method of ['POST', 'PUT', 'DELETE', 'OPTIONS', 'HEAD'])
      await look(method, route.replace(/\{\w+\}/g, '1'), method === 'HEAD' || method === 'OPTIONS' ? '' : 'null');
    if (route.startsWith('/api/'))
      for (const body of ['{', '[]', '"x"', '{"__proto__":1}', JSON.stringify({ text: 'a'.repeat(60_000) })])
        await look('POST', route.replace(/\{\w+\}/g, '1'), body);
  }
  expect(fell).toEqual([]);
});

test('addresses that cannot be read, ways to ask that nobody knows, and every act with rubbish in place of what it takes are refused in words', async ({
  page,
  shop,
}) => {
  const port = Number(new URL(shop.url).port);
  for (const address of ['/%', '/%ff', '/work/%zz', '/care/%00', '/?a=%', '/stores?x=%ff'])
    expect(await raw(port, 'GET', address, { host: `127.0.0.1:${port}` }), address).toBe(400);
  for (const method of ['TRACE', 'PROPFIND', 'MOVE'])
    expect(await raw(port, method, '/', { host: `127.0.0.1:${port}` })).toBe(405);
  await beWren(page);
  const manifest = JSON.parse(
    readFileSync(path.resolve(import.meta.dirname, '../.next/server/server-reference-manifest.json'), 'utf8'),
  ) as {
    readonly node: Readonly<Record<string, Action>>;
  };
  const acts = Object.entries(manifest.node);
  expect(acts.length).toBeGreaterThan(100);
  const fell: string[] = [];
  const bodies = [
    [],
    [null],
    [{}],
    [{ __proto__: null, id: -1, batchId: -1e300, act: 'x' }],
    [{ name: 'a'.repeat(60_000), watts: ' '.repeat(60_000) }],
  ];
  for (const [id, { workers, exportedName }] of acts)
    for (const body of bodies) {
      const from = Date.now();
      const answer = await page.request.post(`${shop.url}${pageOf(Object.keys(workers)[0] ?? '')}`, {
        headers: { 'next-action': id, 'content-type': 'text/plain;charset=UTF-8', origin: shop.url, accept: 'text/x-component' },
        data: JSON.stringify(body),
        maxRedirects: 0,
      });
      if (answer.status() >= 500) fell.push(`${answer.status()} ${exportedName} ${JSON.stringify(body).slice(0, 40)}`);
      expect(Date.now() - from, exportedName).toBeLessThan(20_000);
    }
  expect(fell).toEqual([]);
});
