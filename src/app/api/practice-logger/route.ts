import { GET as answer } from '@/features/cure/practice-logger';
import { route } from '@/web/route';

export const GET = route(answer);
