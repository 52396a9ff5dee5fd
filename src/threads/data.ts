import { backup, verify } from '@/data/safe/backup';
import { copyOfDay } from '@/data/safe/daily';
import { soundness } from '@/data/safe/sound';
import { lookAtReadingsFile, takeReadingsFile } from '@/features/cure/readings-file';

export const data = { lookAtReadingsFile, takeReadingsFile, backup, verify, copyOfDay, soundness } as const;
