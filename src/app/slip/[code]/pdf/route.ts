import { pdfResponse } from '@/features/care/routes';

export async function GET(_: Request, { params }: { readonly params: Promise<{ readonly code: string }> }): Promise<Response> {
  return pdfResponse((await params).code);
}
