import { route } from '@/web/route';
import { pdfResponse } from '@/features/care/routes';

export const GET = route(async (request, { params }: { readonly params: Promise<{ readonly code: string }> }) =>
  pdfResponse(request, (await params).code),
);
