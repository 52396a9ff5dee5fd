import { GET as answer } from '@/web/shell/fault-route';
import { route } from '@/web/route';

export const GET = route(answer);
