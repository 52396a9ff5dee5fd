/**
 * What takes longer than a request may hold the others up, by the thread that does it. Each takes and gives what can be copied; a thread
 * loads its own jobs only, for what draws paper is heavy.
 */
export const JOBS = {
  paper: async () => (await import('./paper')).paper,
  data: async () => (await import('./data')).data,
  plan: async () => (await import('./plan')).plan,
} as const;
export type Jobs = { readonly [T in keyof typeof JOBS]: Awaited<ReturnType<(typeof JOBS)[T]>> };
