const POST_EVERY_MS = 5 * 60_000;
/** The day's copy is looked for a minute after the start, and every quarter of an hour. */
const COPY_AFTER_MS = 60_000;
const COPY_EVERY_MS = 15 * 60_000;

/** Brings the shop's file up to date before the first page is asked for. */
export async function register(): Promise<void> {
  if (process.env.NEXT_RUNTIME !== 'nodejs') return;
  const [{ migrateFile }, { shopFile }, { openOrLeave }] = await Promise.all([
    import('./data/db'),
    import('./data/files'),
    import('./data/safe/opening'),
  ]);
  openOrLeave(shopFile());
  const before = migrateFile(shopFile(), new Date().toISOString().replace(/[:.]/g, '-'));
  if (before) console.log(`The shop's file was copied to ${before} before it was brought up to date.`);
  const [{ database }, { findShop }, { shipRegimens }, { now }] = await Promise.all([
    import('./data/db'),
    import('./data/shop/queries'),
    import('./data/shop/commands'),
    import('./data/clock'),
  ]);
  // A file of an earlier version gets the regimens that have come since.
  if (findShop(database())) shipRegimens(database(), now());
  const [{ postRound }, { bringUpToFacts }, { draftJudgedLetters }, { letterWords }] = await Promise.all([
    import('./features/care/post-round'),
    import('./data/facts/facts'),
    import('./data/care/post'),
    import('./features/care/letter-words'),
  ]);
  // What is known may have changed since this file was last open: what that touches is held, listed and told once.
  bringUpToFacts(database(), now());
  // Each is drafted once; a shop that was cut off between the two is caught up.
  draftJudgedLetters(database(), letterWords, now());
  // The post goes round by itself; a round that fails is told and tried again.
  const round = (): void => {
    if (findShop(database())) void postRound(database(), now()).catch((error) => console.error('The post:', error));
  };
  setInterval(round, POST_EVERY_MS).unref();
  // A copy a day by itself; the demo shed is made anew at will and needs none.
  const [{ copiesOf, copyOfDay }, { dateOf }] = await Promise.all([import('./data/safe/daily'), import('./core/quantity')]);
  const copy = (): void => {
    const shop = findShop(database());
    if (!shop || shop.isDemo) return;
    const file = shopFile();
    void copyOfDay(file, copiesOf(file), dateOf(now(), shop.zone), now()).catch((error) =>
      console.error('The daily copy:', error),
    );
  };
  setTimeout(copy, COPY_AFTER_MS).unref();
  setInterval(copy, COPY_EVERY_MS).unref();
}
