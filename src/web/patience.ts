import 'server-only';
import { unwritten } from '@/data/unwritten';

const PATIENCE_MS = 5000;
const AGAIN_MS = 120;

/**
 * Runs one write; where another program holds the file it is tried again for five seconds, and others are answered meanwhile.
 * @param write one command: what was begun of it is undone before it is tried again
 */
export async function patiently<T>(write: () => T | Promise<T>): Promise<T> {
  const until = performance.now() + PATIENCE_MS;
  for (;;) {
    try {
      return await write();
    } catch (fault) {
      if (unwritten(fault) !== 'file-locked' || performance.now() > until) throw fault;
      await new Promise((resolve) => setTimeout(resolve, AGAIN_MS));
    }
  }
}
