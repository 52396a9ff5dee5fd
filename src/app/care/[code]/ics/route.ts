import { calendarResponse } from '@/features/care/routes';

export async function GET(
  request: Request,
  { params }: { readonly params: Promise<{ readonly code: string }> },
): Promise<Response> {
  return calendarResponse(request, (await params).code);
}
