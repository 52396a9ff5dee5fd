import { ownerFile } from '@/features/care/owner-page';

export async function GET(
  request: Request,
  { params }: { readonly params: Promise<{ readonly code: string }> },
): Promise<Response> {
  return ownerFile(request, (await params).code);
}
