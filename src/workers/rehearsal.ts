import { fitPan, melt } from '@/core/melt';
import { serve } from './serve';

const face = { melt, fitPan };
export type RehearsalFace = typeof face;

serve(face);
