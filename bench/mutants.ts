import { readFileSync } from 'node:fs';

/** The score of each room of the core after `npm run mutants`: mutants that a test noticed, of all that a test ran. */
type Report = { readonly files: Readonly<Record<string, { readonly mutants: readonly { readonly status: string }[] }>> };
const { files } = JSON.parse(readFileSync('test-results/mutants.json', 'utf8')) as Report;

/** Rooms in which rules decide what may hurt somebody: at least this much of each. */
const LEAST = 0.8;
const DECIDE = new Set(['use', 'caution', 'cure', 'cloths', 'blend', 'choose']);

const rooms = new Map<string, { caught: number; all: number }>();
for (const [file, { mutants }] of Object.entries(files)) {
  const room = file.split('/')[2] ?? file;
  const sum = rooms.get(room) ?? { caught: 0, all: 0 };
  for (const { status } of mutants) {
    if (['Killed', 'Timeout'].includes(status)) sum.caught++;
    if (['Killed', 'Timeout', 'Survived', 'NoCoverage'].includes(status)) sum.all++;
  }
  rooms.set(room, sum);
}
let isShort = false;
for (const [room, { caught, all }] of [...rooms].sort()) {
  const score = all > 0 ? caught / all : 1;
  if (DECIDE.has(room) && score < LEAST) isShort = true;
  console.log(
    `${room.padEnd(10)} ${String(caught).padStart(5)} of ${String(all).padStart(5)} noticed, ${(score * 100).toFixed(0)} %`,
  );
}
process.exit(isShort ? 1 : 0);
