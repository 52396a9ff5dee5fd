import { openDay } from '@/core/plan';

export const plan = { openDay } as const;
