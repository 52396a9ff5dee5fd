import { GET as answer } from '@/features/work/photo';
import { route } from '@/web/route';

export const GET = route(answer);
