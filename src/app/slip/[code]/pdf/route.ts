import { pdfResponse } from '@/features/care/routes';
import { route } from '@/web/route';

export const GET = route(async (request, { params }: { readonly params: Promise<{ readonly code: string }> }) =>
  pdfResponse(request, (await params).code),
);
