import { POST as answer } from '@/web/hands/log-route';
import { route } from '@/web/route';

export const POST = route(answer);
