import type { Instrumentation } from 'next';

/** Brings the shop's file up to date before the first page is asked for. */
export async function register(): Promise<void> {
  if (process.env.NEXT_RUNTIME === 'nodejs') await (await import('./start')).openShop();
}

/** A fault of a page or an action gets into the log under the number its screen shows. */
export const onRequestError: Instrumentation.onRequestError = async (fault, request) => {
  if (process.env.NEXT_RUNTIME !== 'nodejs') return;
  const { noteFault } = await import('./web/fault');
  noteFault(fault instanceof Error && 'digest' in fault ? String(fault.digest) : '', fault, request.path);
};
