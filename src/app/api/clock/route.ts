import { GET as answer } from '@/web/shell/clock-route';
import { route } from '@/web/route';

export const GET = route(answer);
export const dynamic = 'force-dynamic';
