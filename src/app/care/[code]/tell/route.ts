import { tell } from '@/features/care/tell-route';

type Context = { readonly params: Promise<{ readonly code: string }> };

export async function POST(request: Request, { params }: Context): Promise<Response> {
  return tell(request, (await params).code);
}
