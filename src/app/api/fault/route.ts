import { GET as answer } from '@/trade/shell/fault-route';
import { route } from '@/web/route';

export const GET = route(answer);
