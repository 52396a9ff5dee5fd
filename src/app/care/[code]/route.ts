import { ownerPage } from '@/features/care/owner-page';

export async function GET(
  request: Request,
  { params }: { readonly params: Promise<{ readonly code: string }> },
): Promise<Response> {
  return ownerPage(request, (await params).code);
}
