import { GET as answer } from '@/web/photo';
import { route } from '@/web/route';

export const GET = route(answer);
