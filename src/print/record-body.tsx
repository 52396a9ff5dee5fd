import 'server-only';
import { formatMoney, MS_PER_MINUTE, type Reads, say, sayMinutes } from '@/core/quantity';
import { COST_PARTS, type ReleaseRecord } from '@/core/release';
import { CHECK_WORDS, COST_WORDS, RAG_WAY_WORDS, STATEMENT_WORDS } from '@/messages';
import { recordBody as wording } from '@/messages/screens/print';
import { shared } from '@/messages/screens/shared';
import { clockTime, fullDate } from '@/ui/when';

const ms = (moment: string): number => Date.parse(moment);

/** When something was, as a record says it. */
export const recordTime = (moment: string, zone: string): string =>
  `${fullDate(ms(moment), zone)}, ${clockTime(ms(moment), zone, ms(moment))}`;

/** What the rag lines of a record say. */
export const ragLinesOf = ({ rags, zone }: ReleaseRecord): string[] =>
  rags.map(({ opened, how, checked }) =>
    [
      recordTime(opened, zone),
      how ? RAG_WAY_WORDS[how as keyof typeof RAG_WAY_WORDS] : wording.notAnswered,
      checked ? wording.lookedAt(recordTime(checked, zone)) : how === 'none-left' ? '' : wording.notLookedAtYet,
    ]
      .filter(Boolean)
      .join(', '),
  );

/** The checks of a record, with who and when. */
export const checkLinesOf = ({ checks, zone }: ReleaseRecord): string[] =>
  checks.map(
    ({ kind, pass, note, at, by }) =>
      `${pass ? '●' : '○'} ${CHECK_WORDS[kind].name}: ${pass ? CHECK_WORDS[kind].pass : CHECK_WORDS[kind].fail}${note ? `, ${note}` : ''}; ${by}, ${recordTime(at, zone)}`,
  );

/** The air a record rests on. */
export function airLineOf({ cure, zone }: ReleaseRecord, reads: Reads): string {
  if (!cure) return wording.noFinishToCure;
  const gaps = cure.gaps.map(({ from, to }) =>
    wording.nothingReadFromFor(recordTime(from, zone), sayMinutes((ms(to) - ms(from)) / MS_PER_MINUTE)),
  );
  return [
    wording.likelyAtWhere(
      say(cure.likely, 'fraction', reads),
      cure.settles ? 'settled' : 'cured',
      say(cure.ageHours, 'h', reads),
      say(20, '°C', reads, 0),
      cure.neededHours === null ? wording.itMayBeThat : wording.halfAreReadyBy(say(cure.neededHours, 'h', reads)),
    ),
    cure.hoursRead > 0 && cure.meanTempC !== null && cure.meanRh !== null
      ? wording.hoursReadMeanAnd(cure.hoursRead, say(cure.meanTempC, '°C', reads), say(cure.meanRh, 'fraction', reads))
      : wording.theRoomWasNot,
    ...gaps,
  ].join('; ');
}

/** Cost of one piece in words, part by part. */
export const costLinesOf = ({ cost }: ReleaseRecord, reads: Reads): (readonly [name: string, says: string])[] =>
  COST_PARTS.map((part) => {
    const minor = cost.parts[part];
    const beside =
      part === 'hands'
        ? wording.forWord(sayMinutes(cost.handsMinPerPiece))
        : part === 'blend'
          ? wording.forWord2(say(cost.gramsPerPiece, 'g', reads))
          : part === 'jar' && cost.jar
            ? `, ${cost.jar}`
            : '';
    if (part === 'jar' && cost.jar === null) return [COST_WORDS.jar, 'none'] as const;
    return [
      COST_WORDS[part],
      minor === null || minor === undefined ? 'not entered' : `${formatMoney(minor, cost.currency)}${beside}`,
    ] as const;
  });

/** What is left of the price, with what is not in it said. */
export function marginLine({ cost }: ReleaseRecord): string {
  const unknown = COST_PARTS.filter((part) => cost.parts[part] === null).map((part) => COST_WORDS[part].toLowerCase());
  const most = unknown.length > 0 ? wording.atMostNotEntered(unknown.join(', ')) : '';
  if (cost.priceMinor === null || cost.marginMinor === null) return wording.noPriceEntered;
  return `${formatMoney(cost.marginMinor, cost.currency)} of ${formatMoney(cost.priceMinor, cost.currency)}${most}`;
}

/** What the supplier's papers on a lot state, where the record says it. */
export const statementsOf = (lot: ReleaseRecord['lots'][number]): string =>
  'statement' in lot && lot.statement.length > 0
    ? wording.stated(lot.statement.map((one) => STATEMENT_WORDS[one]).join(', '))
    : '';

function Part({ name, children }: { readonly name: string; readonly children: React.ReactNode }) {
  return (
    <section className="mb-4">
      <h3 className="mb-0.5">{name}</h3>
      {children}
    </section>
  );
}

/** The photos of a record, each with what it shows and when. */
export function RecordPhotos({ record: { photos, zone } }: { readonly record: ReleaseRecord }) {
  return (
    <ul className="flex flex-wrap gap-3">
      {photos.map((photo) => (
        <li key={photo.sha256}>
          {/* biome-ignore lint/performance/noImgElement: a kept photo, already small */}
          <img
            src={`/api/photo?hash=${photo.sha256}`}
            alt={`${photo.what}, ${recordTime(photo.at, zone)}`}
            className="h-32 w-auto border border-rule"
          />
          <span className="block max-w-44 text-sm text-soft">{photo.what}</span>
        </li>
      ))}
    </ul>
  );
}

/** The rest a release record holds beside its gates: lots and papers, coats, checks, photos, cloths. */
export function RecordBody({ record, reads }: { readonly record: ReleaseRecord; readonly reads: Reads }) {
  const { lots, coats, photos, zone } = record;
  return (
    <div className="text-sm">
      <Part name={wording.lotsOnItAnd}>
        {lots.length === 0 ? <p>{wording.nothingIsOnIt}</p> : null}
        <ul>
          {lots.map((lot) => (
            <li key={`${lot.slot}-${lot.number}`} className="border-hair border-t py-1">
              <span className="reading font-semibold">{lot.number}</span> {lot.title}: {lot.contents.join(', ')}.{' '}
              {lot.declarations.length > 0 ? (
                <>
                  {wording.declared}
                  {lot.declarations.map((paper, i) => (
                    <span key={`${paper.lot}-${paper.sha256}`}>
                      {i > 0 ? ', ' : ''}
                      <a href={`/api/declaration/${paper.sha256}`}>{paper.name}</a> ({paper.lot})
                    </span>
                  ))}
                </>
              ) : (
                <span className="text-soft">{wording.noSuppliersDeclarationOn}</span>
              )}
              {statementsOf(lot)}
            </li>
          ))}
        </ul>
      </Part>
      <Part name={shared.coats}>
        <ul>
          {coats.map((coat) => (
            <li key={`${coat.at}-${coat.what}`} className="reading flex gap-3 border-hair border-t py-0.5">
              <span className="w-36 shrink-0">{recordTime(coat.at, zone)}</span>
              <span className="grow">
                {coat.what}, {coat.lot}
              </span>
              <span>{coat.grams === null ? '' : `${coat.estimated ? wording.about : ''}${say(coat.grams, 'g', reads)}`}</span>
              <span className="text-soft">{coat.by}</span>
            </li>
          ))}
        </ul>
        {coats.length === 0 ? <p className="text-soft">{wording.none}</p> : null}
      </Part>
      <Part name={wording.checks}>
        {record.checks.length === 0 ? <p className="text-soft">{wording.none}</p> : null}
        <ul>
          {checkLinesOf(record).map((line) => (
            <li key={line}>{line}</li>
          ))}
        </ul>
        {record.weighed ? (
          <p>
            {wording.testPieceWeighedTimes(
              record.weighed.times,
              record.weighed.restsSinceHours === null
                ? wording.noPlateauYet
                : wording.atRestSinceAfter(sayMinutes(record.weighed.restsSinceHours * 60)),
            )}
          </p>
        ) : null}
      </Part>
      <Part name={wording.cloths}>
        {record.rags.length === 0 ? <p className="text-soft">{wording.noneWereOily}</p> : null}
        <ul>
          {ragLinesOf(record).map((line) => (
            <li key={line}>{line}</li>
          ))}
        </ul>
      </Part>
      {photos.length > 0 ? (
        <Part name={wording.photos}>
          <RecordPhotos record={record} />
        </Part>
      ) : null}
    </div>
  );
}
