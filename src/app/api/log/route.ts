import { POST as answer } from '@/trade/hands/log-route';
import { route } from '@/web/route';

export const POST = route(answer);
