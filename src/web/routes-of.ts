import { readdirSync } from 'node:fs';
import path from 'node:path';
import { isOpen } from './open-routes';

/** Every route of a folder of routes, `{name}` for what differs, and whether it stands open. For the test that walks them all. */
export function routesOf(folder: string): readonly (readonly [route: string, isOpen: boolean])[] {
  return readdirSync(folder, { recursive: true, encoding: 'utf8' })
    .filter((file) => /(?:^|\/)(?:page\.tsx|route\.ts)$/.test(file))
    .map((file) => {
      const parts = path
        .dirname(file)
        .split(path.sep)
        .filter((part) => part !== '.' && !part.startsWith('('));
      const route = `/${parts.map((part) => part.replace(/^\[(.+)\]$/, '{$1}')).join('/')}`;
      return [route, isOpen(route.replace(/\{\w+\}/g, '1'))] as const;
    })
    .sort(([a], [b]) => a.localeCompare(b));
}
