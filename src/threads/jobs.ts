import { backup, verify } from '@/data/safe/backup';
import { copyOfDay } from '@/data/safe/daily';
import { soundness } from '@/data/safe/sound';
import { setSlip } from '@/features/care/pdf';
import { lookAtFile, takeFile } from '@/features/cure/readings-file';
import { labelSheets } from '@/features/pour/label-pdf';
import { recordPdf } from '@/features/release/record-pdf';
import { pdfPicture } from '@/features/shop/pdf-picture';

/** What takes longer than a request may hold the others up, by the thread that does it. Each takes and gives what can be copied. */
export const JOBS = {
  paper: { setSlip, pdfPicture, labelSheets, recordPdf },
  data: { lookAtFile, takeFile, backup, verify, copyOfDay, soundness },
} as const;
