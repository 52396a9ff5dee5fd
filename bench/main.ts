import { spawnSync } from 'node:child_process';

/** `npm run bench` measures all; `npm run bench -- views` one of these, with what else it takes. */
const BENCHES = ['run', 'day', 'stores', 'cure', 'care', 'today', 'trials', 'views', 'growth', 'wishes'] as const;
const [asked, ...more] = process.argv.slice(2);
if (asked !== undefined && !BENCHES.some((one) => one === asked)) {
  console.error(`There is no bench “${asked}”. There are: ${BENCHES.join(', ')}.`);
  process.exit(2);
}
for (const name of asked === undefined ? BENCHES : [asked]) {
  const how = ['--conditions=react-server', '--import', 'tsx', `bench/${name}.ts`, ...more];
  const { status } = spawnSync('node', how, { stdio: 'inherit' });
  if (status !== 0) process.exit(status ?? 1);
}
