import { GET as answer } from '@/features/settings/copy-route';
import { route } from '@/web/route';

export const GET = route(answer);
