import { GET as answer } from '@/features/release/record-route';
import { route } from '@/web/route';

export const GET = route(answer);
