import { GET as answer } from '@/features/care/owner-route';
import { route } from '@/web/route';

export const GET = route(answer);
