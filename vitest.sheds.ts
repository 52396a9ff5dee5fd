import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';

/** A folder where the tests of one run leave the demo sheds they told, for each other; gone with the run. */
export default function setup(): () => void {
  const folder = mkdtempSync(path.join(tmpdir(), 'rendle-sheds-'));
  process.env.RENDLE_TEST_SHEDS = folder;
  return () => rmSync(folder, { recursive: true, force: true });
}
