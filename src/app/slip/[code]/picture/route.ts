import { pictureResponse } from '@/features/care/routes';

export async function GET(
  request: Request,
  { params }: { readonly params: Promise<{ readonly code: string }> },
): Promise<Response> {
  return pictureResponse(request, (await params).code);
}
