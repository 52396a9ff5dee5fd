import { calendarResponse } from '@/features/care/routes';

type Context = { readonly params: Promise<{ readonly code: string }> };

export async function GET(_: Request, { params }: Context): Promise<Response> {
  return calendarResponse((await params).code);
}
