import 'server-only';
import { readFileSync } from 'node:fs';
import { ImageResponse } from 'next/og';
import { labelPng as wording } from '@/messages/screens/print';
import { codePng } from './code';
import { FONT_FILES } from './fonts';
import { codeMm, type Grid, type Label, PAD_MM } from './label';
import { printable } from './printable';

/** Dots in a millimetre at 300 to the inch. */
const DOTS = 300 / 25.4;
const PT = 300 / 72;
const INK = '#12211c';

/** One label as a picture, 300 dots to the inch, set as on the sheet. */
export async function labelPicture(asked: Label, grid: Pick<Grid, 'width' | 'height'>, size: number): Promise<ArrayBuffer> {
  const label = printable(asked);
  const code = await codePng(asked.code);
  const px = (mm: number): number => Math.round(mm * DOTS);
  const side = px(codeMm(grid.height));
  const picture = new ImageResponse(
    <div
      style={{
        display: 'flex',
        flexDirection: 'column',
        width: '100%',
        height: '100%',
        padding: px(PAD_MM),
        background: 'white',
        color: INK,
        fontFamily: 'Archivo',
        fontSize: size * PT,
        lineHeight: 1.2,
      }}
    >
      <div style={{ display: 'flex', gap: px(1.5) }}>
        <div style={{ display: 'flex', flexDirection: 'column', flex: 1 }}>
          <div style={{ fontSize: size * 1.5 * PT, fontWeight: 700, lineHeight: 1.1 }}>{label.title}</div>
          {label.notForFood ? <div style={{ fontSize: size * 1.3 * PT, fontWeight: 700 }}>{label.notForFood}</div> : null}
          <div style={{ fontWeight: 600 }}>{label.net}</div>
          <div>{label.dates}</div>
        </div>
        {/* biome-ignore lint/performance/noImgElement: a picture inside a picture */}
        <img src={code} width={side} height={side} alt="" />
      </div>
      <div>{label.contents.join(': ')}</div>
      <div style={{ fontWeight: 600 }}>{label.allergens}</div>
      <div>{`${label.use} ${label.cautions}`}</div>
      <div>{label.shop}</div>
    </div>,
    {
      width: px(grid.width),
      height: px(grid.height),
      fonts: FONT_FILES.map(({ src, fontWeight }) => ({
        name: wording.archivo,
        data: readFileSync(src),
        weight: fontWeight,
        style: 'normal' as const,
      })),
    },
  );
  return picture.arrayBuffer();
}
