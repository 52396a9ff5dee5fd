import { GET as answer } from '@/features/shop/fault-route';
import { route } from '@/web/route';

export const GET = route(answer);
