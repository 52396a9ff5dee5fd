import { rmSync } from 'node:fs';
import { shedsOf } from './shop';

/** The shops that every test began with are gone with the run. */
// biome-ignore lint/style/noDefaultExport: the runner takes nothing else
export default function tearDown(): void {
  rmSync(shedsOf(process.pid), { recursive: true, force: true });
}
