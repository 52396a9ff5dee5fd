import { route } from '@/web/route';
import { ownerFile } from '@/features/care/owner-page';

export const GET = route(async (request, { params }: { readonly params: Promise<{ readonly code: string }> }) =>
  ownerFile(request, (await params).code),
);
