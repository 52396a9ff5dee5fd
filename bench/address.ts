/** As a page of the shop asks. */
export const asPage = (url: string) => ({ cookie: 'rendle-person=1', origin: new URL(url).origin });

/** Server time of an address, as the middle and the worst of so many calls after a warm-up, and what it last answered. */
export async function timeAddress(
  address: string,
  warmUps: number,
  calls: number,
): Promise<{ readonly says: string; readonly page: string }> {
  const times: number[] = [];
  let page = '';
  for (let i = 0; i < warmUps + calls; i++) {
    const from = performance.now();
    page = await (await fetch(address, { headers: asPage(address) })).text();
    if (i >= warmUps) times.push(performance.now() - from);
  }
  times.sort((a, b) => a - b);
  const [middle = 0, worst = 0] = [times[times.length >> 1], times.at(-1)];
  return { says: `${middle.toFixed(0).padStart(4)} ms in the middle, ${worst.toFixed(0).padStart(4)} ms at worst`, page };
}
