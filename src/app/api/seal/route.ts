import { GET as answer } from '@/web/shell/seal-route';
import { route } from '@/web/route';

export const GET = route(answer);
export const dynamic = 'force-dynamic';
