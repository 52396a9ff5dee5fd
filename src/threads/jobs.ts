import { backup, verify } from '@/data/safe/backup';
import { copyOfDay } from '@/data/safe/daily';
import { soundness } from '@/data/safe/sound';
import { lookAtFile, takeFile } from '@/features/cure/readings-file';
import { labelSheets } from '@/print/label-pdf';
import { pdfPicture } from '@/print/pdf-picture';
import { recordPdf } from '@/print/record-pdf';
import { setSlip } from '@/print/slip-pdf';

/** What takes longer than a request may hold the others up, by the thread that does it. Each takes and gives what can be copied. */
export const JOBS = {
  paper: { setSlip, pdfPicture, labelSheets, recordPdf },
  data: { lookAtFile, takeFile, backup, verify, copyOfDay, soundness },
} as const;
