import { expose } from 'comlink';
import { fitPan, melt } from '@/core/melt';

const face = { melt, fitPan };
export type RehearsalFace = typeof face;

expose(face);
