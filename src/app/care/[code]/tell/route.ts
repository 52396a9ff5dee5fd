import { tell } from '@/features/care/tell-route';
import { route } from '@/web/route';

type Context = { readonly params: Promise<{ readonly code: string }> };

export const POST = route(async (request, { params }: Context) => tell(request, (await params).code));
