import { GET as answer } from '@/features/today/hands-feed';
import { route } from '@/web/route';

export const GET = route(answer);
