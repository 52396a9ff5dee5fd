import { route } from '@/web/route';
import { GET as answer } from '@/web/shell/clock-route';

export const GET = route(answer);
export const dynamic = 'force-dynamic';
