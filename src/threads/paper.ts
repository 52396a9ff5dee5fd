import { labelSheets } from '@/print/label-pdf';
import { pdfPicture } from '@/print/pdf-picture';
import { recordPdf } from '@/print/record-pdf';
import { setSlip } from '@/print/slip-pdf';

export const paper = { setSlip, pdfPicture, labelSheets, recordPdf } as const;
