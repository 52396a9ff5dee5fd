import { POST as answer } from '@/features/work/log-route';
import { route } from '@/web/route';

export const POST = route(answer);
