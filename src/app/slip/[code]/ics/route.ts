import { calendarResponse } from '@/features/care/routes';

export async function GET(_: Request, { params }: { readonly params: Promise<{ readonly code: string }> }): Promise<Response> {
  return calendarResponse((await params).code);
}
