/** Renders the pictures of the demo's washing trial, and reads each as the shop would: `npm run trial-pictures`. */
import { writeFileSync } from 'node:fs';
import path from 'node:path';
import sharp from 'sharp';
import { madeUpPicture, readBoard } from '../../src/core/colour';
import { SHOTS, shotFile, shotOf } from '../../src/data/demo/trial-scene';

const FOLDER = path.join(process.cwd(), 'assets/trial');
const readings: Record<string, unknown> = {};
for (const shot of SHOTS) {
  const of = shotOf(shot);
  const { data, width, height } = madeUpPicture(of);
  const jpeg = await sharp(Buffer.from(data as Uint8ClampedArray), { raw: { width, height, channels: 4 } })
    .removeAlpha()
    // A colour is read from it: pressed less hard than a picture that is only looked at.
    .jpeg({ quality: shot.lamp === 'even' ? 96 : 80, chromaSubsampling: '4:4:4' })
    .toBuffer();
  writeFileSync(path.join(FOLDER, shotFile(shot)), jpeg);
  const raw = await sharp(jpeg).ensureAlpha().raw().toBuffer();
  const read = readBoard({ data: raw, width, height }, of.corners, of.board);
  if (!read.ok) throw new Error(`${shotFile(shot)}: ${JSON.stringify(read.issues)}`);
  readings[shotFile(shot)] = read.value.fields.map(({ lab, bright }, i) => ({
    place: i + 1,
    lab: lab.map((one) => Math.round(one * 1000) / 1000),
    bright: Math.round(bright * 1e4) / 1e4,
  }));
}
writeFileSync(path.join(process.cwd(), 'src/data/demo/trial-readings.json'), `${JSON.stringify(readings, null, 1)}\n`);
