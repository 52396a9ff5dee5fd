import 'server-only';
import { mkdtempSync, readdirSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';

const NAME = /^rendle-copy-(\d+)-/;
const held = globalThis as { rendleCarried?: string };

/** Whether a process is there; one that may not be asked is. */
function runs(pid: number): boolean {
  try {
    process.kill(pid, 0);
    return true;
  } catch (fault) {
    return (fault as { readonly code?: string }).code === 'EPERM';
  }
}

/** Takes away what servers that were killed left of copies on their way out. */
export function sweepCarried(folder = tmpdir()): void {
  for (const name of readdirSync(folder)) {
    const pid = NAME.exec(name)?.[1];
    if (pid !== undefined && !runs(Number(pid))) rmSync(path.join(folder, name), { recursive: true, force: true });
  }
}

/** Whether a copy is on its way out now. */
export const isCarrying = (): boolean => held.rendleCarried !== undefined;

/** What is said to whoever asks for one meanwhile. */
export const ONE_AT_A_TIME = 'A copy is on its way out already. Ask again when it has arrived.';

/** A folder for the one copy that is on its way out; null while there is one already. It is gone when `end` is called, and when the server ends. */
export function beginCarrying(): { readonly folder: string; readonly end: () => void } | null {
  if (held.rendleCarried !== undefined) return null;
  const folder = mkdtempSync(path.join(tmpdir(), `rendle-copy-${process.pid}-`));
  held.rendleCarried = folder;
  const atExit = (): void => rmSync(folder, { recursive: true, force: true });
  process.once('exit', atExit);
  return {
    folder,
    end: () => {
      process.off('exit', atExit);
      rmSync(folder, { recursive: true, force: true });
      if (held.rendleCarried === folder) delete held.rendleCarried;
    },
  };
}
