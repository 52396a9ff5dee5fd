import { fitPan, melt } from '@/core/melt';
import { ok } from '@/core/quantity';
import { serve } from './serve';

const face = { melt, fitPan: (...of: Parameters<typeof fitPan>) => ok(fitPan(...of)) };
export type RehearsalFace = typeof face;

serve(face);
