import { calendarResponse } from '@/features/care/routes';
import { route } from '@/web/route';

export const GET = route(async (request, { params }: { readonly params: Promise<{ readonly code: string }> }) =>
  calendarResponse(request, (await params).code),
);
