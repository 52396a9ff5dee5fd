import { GET as answer } from '@/features/shop/copy-route';
import { route } from '@/web/route';

export const GET = route(answer);
