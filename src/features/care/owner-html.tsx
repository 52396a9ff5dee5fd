/** @jsxImportSource preact */
import 'server-only';
import { render } from 'preact-render-to-string';
import { LANGUAGES, type Language } from '@/core/care';
import { dateIn, SLIP_WORDS, saying } from '@/messages/slip';
import { type Slip, slipIn } from '@/print/slip';
import { PICTOGRAMS, type Pictogram } from '@/ui/pictograms';
import { reads } from '@/web/here';

/** What an owner's page shows beside the slip. */
export type OwnerView = {
  readonly slip: Slip;
  readonly language: Language;
  readonly next: string | null;
  readonly lastReOiled: string | null;
  readonly stopped: boolean;
  readonly ended: boolean;
  /** Sizes of the same finish the shop has; null where nothing renews this piece. */
  readonly refills: readonly string[] | null;
  readonly told: string | null;
  /** `page`: with its forms. `file`: to be kept anywhere, so it asks nothing of a server. */
  readonly as: 'page' | 'file';
  /** Its batch as it was photographed last with nothing amiss, as data. */
  readonly photo: string | null;
  /** A calendar as data, for the file. */
  readonly calendar: string;
};

const STYLE = `
:root{color-scheme:light dark;--ink:#12211c;--ground:#e6ebea;--paper:#f5f7f6;--soft:#46564f;--late:#a12f12;--fit:#1f6b33}
@media(prefers-color-scheme:dark){:root{--ink:#e3ebe7;--ground:#121a17;--paper:#1b2521;--soft:#a9b8b1;--late:#ff9b7d;--fit:#86d49a}}
*{box-sizing:border-box}body{margin:0;background:var(--ground);color:var(--ink);font:1.08rem/1.45 system-ui,sans-serif}
main{max-width:34rem;margin:0 auto;padding:1.4rem 1.1rem 3rem;display:flex;flex-direction:column;gap:.7rem}
h1{font-size:1.7rem;line-height:1.15;margin:0}h2{font-size:1.15rem;margin:1.1rem 0 0}p{margin:0}a{color:inherit;text-underline-offset:.2em}
.soft{color:var(--soft)}.strong{font-weight:650}.row{display:flex;gap:.7rem;align-items:flex-start}.row svg{flex:none;width:1.9rem;height:1.9rem;margin-top:.15rem}
.warn{border-left:.3rem solid var(--late);padding-left:.7rem;font-weight:650}.told{border-left:.5rem solid var(--fit);background:var(--paper);padding:.7rem 1rem;font-weight:650}
form{display:flex;flex-direction:column;gap:.5rem;margin:0}label{display:flex;flex-direction:column;gap:.2rem}
button{font:inherit;font-weight:650;min-height:3.5rem;padding:.4rem 1.1rem;border:2px solid var(--ink);background:none;color:var(--ink);border-radius:0}
button.main{background:var(--ink);color:var(--ground)}button.quiet,a.tap{border:0;min-height:2.75rem;padding:.6rem 0;text-decoration:underline;text-align:left;display:inline-block;font-weight:500}
textarea,input[type=file]{font:inherit;color:inherit;background:var(--paper);border:2px solid var(--ink);padding:.5rem;width:100%;border-radius:0}
img{max-width:100%;border:2px solid var(--ink)}nav{display:flex;flex-wrap:wrap;gap:1rem;margin-top:1.2rem;border-top:1px solid var(--soft)}:focus-visible{outline:3px solid var(--fit);outline-offset:2px}`;

const Sign = ({ of }: { readonly of: Pictogram }) => (
  <svg viewBox="0 0 24 24" aria-hidden="true">
    {PICTOGRAMS[of].map((d) => (
      <path key={d} d={d} fill="none" stroke="currentColor" stroke-width="1.8" />
    ))}
  </svg>
);

const Head = ({ title }: { readonly title: string }) => (
  <head>
    <meta charset="utf-8" />
    <meta name="viewport" content="width=device-width,initial-scale=1" />
    <meta name="robots" content="noindex" />
    <title>{title}</title>
    <style>{STYLE}</style>
  </head>
);

type FormProps = {
  readonly code: string;
  readonly what: string;
  readonly language: Language;
  readonly children: preact.ComponentChildren;
};
/** A plain form; it works without a script. */
const Tell = ({ code, what, language, children }: FormProps) => (
  <form method="post" action={`/care/${code}/tell`} encType={what === 'wrong' ? 'multipart/form-data' : undefined}>
    <input type="hidden" name="what" value={what} />
    <input type="hidden" name="lang" value={language} />
    {children}
  </form>
);

/** One part of the slip's text under its sign. */
function Part(part: ReturnType<typeof slipIn>['parts'][number]) {
  return (
    <section class={part.strong ? 'warn' : undefined}>
      {part.heading ? <h2>{part.heading}</h2> : null}
      <div class="row">
        <Sign of={part.sign} />
        <div>
          {part.lines.map((line) => (
            <p key={line}>{line}</p>
          ))}
        </div>
      </div>
    </section>
  );
}

/** What went wrong may be told, with a photo; a refill asked for. */
function Trouble({ slip: { code }, language, refills }: OwnerView) {
  const { page } = SLIP_WORDS[language];
  return (
    <>
      <h2>{page.wrongTitle}</h2>
      <Tell code={code} what="wrong" language={language}>
        <label>
          {page.wrongLabel}
          <textarea name="note" maxLength={2000} rows={3} />
        </label>
        <label>
          {page.photo}
          <input type="file" name="photo" accept="image/jpeg,image/png,image/webp" />
        </label>
        <button type="submit">{page.tell}</button>
      </Tell>
      {refills === null ? null : (
        <>
          <h2>{page.refill}</h2>
          <p>{refills.length > 0 ? page.refillHave(refills.join(', ')) : page.refillOut}</p>
          <Tell code={code} what="refill" language={language}>
            <button type="submit">{page.ask}</button>
          </Tell>
        </>
      )}
    </>
  );
}

/** The dates to come, for the owner's own calendar. */
function Letters({ slip: { code }, language, as, calendar }: OwnerView) {
  const { page } = SLIP_WORDS[language];
  return (
    <>
      <h2 id="letters">{page.letters}</h2>
      <p>
        <a
          class="tap"
          href={
            as === 'page'
              ? `/care/${code}/ics?lang=${language}`
              : `data:text/calendar;charset=utf-8,${encodeURIComponent(calendar)}`
          }
          download={`care-${code}.ics`}
        >
          {page.calendar}
        </a>
      </p>
    </>
  );
}

/** The piece was given on, or is no more. */
function Gone({ slip: { code }, language }: OwnerView) {
  const { page } = SLIP_WORDS[language];
  return (
    <>
      <h2>{page.gone}</h2>
      <Tell code={code} what="given" language={language}>
        <button type="submit" class="quiet">
          {page.given}
        </button>
      </Tell>
      <Tell code={code} what="ended" language={language}>
        <button type="submit" class="quiet">
          {page.ended}
        </button>
      </Tell>
    </>
  );
}

/** The other languages and the file; a file says where its page lives. */
function Elsewhere({ slip: { code, address }, language, as }: OwnerView) {
  const { page } = SLIP_WORDS[language];
  return as === 'page' ? (
    <nav>
      {LANGUAGES.filter((other) => other !== language).map((other) => (
        <a key={other} class="tap" lang={other} href={`/care/${code}?lang=${other}`}>
          {SLIP_WORDS[other].page.other}
        </a>
      ))}
      <a class="tap" href={`/care/${code}/file?lang=${language}`}>
        {page.file}
      </a>
    </nav>
  ) : address ? (
    <p>
      <a class="tap" href={address}>
        {address}
      </a>
    </p>
  ) : null;
}

function Page(view: OwnerView) {
  const { slip, language, next, lastReOiled, stopped, ended, told, as, photo } = view;
  const { page } = SLIP_WORDS[language];
  const text = slipIn(slip, language, reads());
  const { code } = slip;
  const answer = told ? page.told[told] : undefined;
  const asks = as === 'page' && !ended;
  return (
    <html lang={language}>
      <Head title={`${text.title} ${slip.pieceNumber}`} />
      <body>
        <main>
          <h1>{text.title}</h1>
          <p class="soft">
            {slip.shop} · {slip.pieceNumber}
          </p>
          {/* biome-ignore lint/performance/noImgElement: a page that fetches nothing carries its picture */}
          {photo ? <img src={photo} alt={text.title} /> : null}
          {answer ? (
            <p role="status" class="told">
              {answer}
            </p>
          ) : null}
          {ended ? <p class="warn">{page.hasEnded}</p> : null}
          <p class="row strong">
            <Sign of="look" />
            <span>{text.look}</span>
          </p>
          {next && !ended ? (
            <p>
              {saying(language, page.next, '')}
              <strong>{dateIn(language, next)}</strong>.{' '}
              {lastReOiled ? `${saying(language, page.last, dateIn(language, lastReOiled))}.` : ''}
            </p>
          ) : null}
          {asks && slip.intervalDays !== null ? (
            <Tell code={code} what="re-oiled" language={language}>
              <button type="submit" class="main">
                {page.reOiled}
              </button>
            </Tell>
          ) : null}
          {text.parts.map((part) => (
            <Part key={part.sign + part.heading} {...part} />
          ))}
          {asks ? <Trouble {...view} /> : null}
          {next && !ended ? <Letters {...view} /> : null}
          {as === 'page' && (next || ended) ? (
            <Tell code={code} what={stopped ? 'letters' : 'stop'} language={language}>
              <button type="submit" class="quiet">
                {stopped ? page.again : page.stop}
              </button>
            </Tell>
          ) : null}
          {asks ? <Gone {...view} /> : null}
          <Elsewhere {...view} />
        </main>
      </body>
    </html>
  );
}

/** The owner's page as one document: its style in it, no script, nothing fetched from anywhere. */
export const ownerHtml = (view: OwnerView): string => `<!doctype html>${render(<Page {...view} />)}`;

/** What stands where no piece has the code. */
export const missingHtml = (language: Language): string =>
  `<!doctype html>${render(
    <html lang={language}>
      <Head title={SLIP_WORDS[language].page.missing} />
      <body>
        <main>
          <h1>{SLIP_WORDS[language].page.missing}</h1>
        </main>
      </body>
    </html>,
  )}`;
