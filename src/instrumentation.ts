const POST_EVERY_MS = 5 * 60_000;

/** Brings the shop's file up to date before the first page is asked for. */
export async function register(): Promise<void> {
  if (process.env.NEXT_RUNTIME !== 'nodejs') return;
  const [{ migrateFile }, { shopFile }] = await Promise.all([import('./data/db'), import('./data/files')]);
  const copy = migrateFile(shopFile(), new Date().toISOString().replace(/[:.]/g, '-'));
  if (copy) console.log(`The shop's file was copied to ${copy} before it was brought up to date.`);
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
}
