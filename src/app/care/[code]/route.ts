import { ownerPage } from '@/features/care/owner-page';
import { route } from '@/web/route';

export const GET = route(async (request, { params }: { readonly params: Promise<{ readonly code: string }> }) =>
  ownerPage(request, (await params).code),
);
