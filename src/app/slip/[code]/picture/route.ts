import { route } from '@/web/route';
import { pictureResponse } from '@/features/care/routes';

export const GET = route(async (request, { params }: { readonly params: Promise<{ readonly code: string }> }) =>
  pictureResponse(request, (await params).code),
);
