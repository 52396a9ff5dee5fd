import { route } from '@/web/route';
import { GET as answer } from '@/web/shell/fault-route';

export const GET = route(answer);
