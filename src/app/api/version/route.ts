import { GET as answer } from '@/trade/shell/version-route';
import { route } from '@/web/route';

export const GET = route(answer);
export const dynamic = 'force-dynamic';
