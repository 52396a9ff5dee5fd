import 'server-only';
import type { Trial } from '@/data/trials/queries';
import { pictures as wording } from '@/messages/screens/trials';
import { type PartCorners, swatch } from '@/trade/picture/corners';
import { photoAt } from '@/ui/kept-photo';
import { LINE_LETTERS } from '@/ui/line-look';
import { BoardFlip, type Shot } from './components/board-flip';
import { FlatBoard } from './components/flat-board';
import { fieldsByBoard } from './lies';

/** Pictures of a trial, of two in one place the later. */
const shotsOf = ({ pictures }: Trial): Shot[] => [
  ...new Map(
    pictures.map(({ board, cycle, lamp, photo, corners }) => [
      `${board} ${cycle} ${lamp}`,
      { board, cycle, lamp, photo, corners: corners as unknown as PartCorners },
    ]),
  ).values(),
];

/** How tall a field is drawn in the table of fields, pixels. */
const FIELD_PX = 92;

/** Pictures first: one board at two cycles, then every finish over its cycles at one scale. */
export function Pictures({ trial }: { readonly trial: Trial }) {
  const shots = shotsOf(trial);
  if (shots.length === 0) return null;
  const even = shots.filter((one) => one.lamp === 'even');
  const cycles = [...new Set(even.map((one) => one.cycle))].sort((a, b) => a - b);
  const scale = FIELD_PX / trial.widthMm;
  return (
    <section aria-label={wording.pictures}>
      <h2>{wording.sideBySide}</h2>
      <BoardFlip shots={shots} lengthMm={trial.lengthMm} widthMm={trial.widthMm} fields={fieldsByBoard(trial)} />
      {even.length > 0 ? (
        <div className="mt-4 overflow-x-auto">
          <table className="text-sm">
            <caption className="label text-left">{wording.boardEveryFinishOver}</caption>
            <thead>
              <tr>
                <td />
                {cycles.map((cycle) => (
                  <th key={cycle} scope="col" className="px-2 pb-1 text-left font-normal text-soft">
                    {wording.after(cycle)}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {trial.treatments.map((treatment, at) => {
                const field = trial.fields.find((one) => one.board === 1 && one.treatment === treatment.key);
                return (
                  <tr key={treatment.id}>
                    <th scope="row" className="pr-3 text-left font-semibold">
                      {LINE_LETTERS[at]} {treatment.name}
                    </th>
                    {cycles.map((cycle) => {
                      const shot = even.find((one) => one.board === 1 && one.cycle === cycle);
                      return (
                        <td key={cycle} className="p-1">
                          {shot && field ? (
                            <>
                              <FlatBoard
                                src={photoAt(shot.photo)}
                                alt={wording.afterCycles(treatment.name, cycle)}
                                corners={shot.corners}
                                scale={scale}
                                lengthMm={trial.lengthMm}
                                widthMm={trial.widthMm}
                                from={field.fromMm}
                                to={field.fromMm + field.lengthMm}
                              />
                              <Measured trial={trial} cycle={cycle} place={field.place} />
                            </>
                          ) : null}
                        </td>
                      );
                    })}
                  </tr>
                );
              })}
            </tbody>
          </table>
        </div>
      ) : null}
    </section>
  );
}

/** The colour of a field on the first board as it was read, whatever the lamp was. */
function Measured({ trial, cycle, place }: { readonly trial: Trial; readonly cycle: number; readonly place: number }) {
  const read = trial.pictures.findLast((one) => one.board === 1 && one.cycle === cycle && one.lamp === 'even');
  const lab = read?.reading.find((one) => one.place === place)?.lab;
  if (!lab) return null;
  return <span className="block h-4 border border-ink" style={{ background: swatch(lab) }} />;
}
