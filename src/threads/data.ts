import { backup, verify } from '@/data/safe/backup';
import { copyOfDay } from '@/data/safe/daily';
import { soundness } from '@/data/safe/sound';
import { lookAtFile, takeFile } from '@/features/cure/readings-file';

export const data = { lookAtFile, takeFile, backup, verify, copyOfDay, soundness } as const;
