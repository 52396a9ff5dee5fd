import { spawn } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';

/** The moments at which most tests find the demo shed. */
const MOMENTS = ['2031-03-03T10:00:00Z', '2031-03-05T14:20:00Z'];

/** A folder with the demo sheds of these moments, told once for all tests of a run while the first of them begin; gone with the run. */
export default function setup(): () => void {
  const folder = mkdtempSync(path.join(tmpdir(), 'rendle-sheds-'));
  process.env.RENDLE_TEST_SHEDS = folder;
  const telling = MOMENTS.map((moment) => {
    const file = path.join(folder, `${Date.parse(moment)}.sqlite`);
    // Who needs it waits as long as this stands.
    writeFileSync(`${file}.telling`, '');
    const how = ['--conditions=react-server', '--import', 'tsx', 'bench/tell-shed.ts', moment, file];
    return spawn('node', how, { stdio: ['ignore', 'ignore', 'inherit'] }).once('exit', () =>
      rmSync(`${file}.telling`, { force: true }),
    );
  });
  return () => {
    for (const child of telling) child.kill();
    rmSync(folder, { recursive: true, force: true });
  };
}
