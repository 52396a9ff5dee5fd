import { POST as answer } from '@/features/settings/copy-route';
import { route } from '@/web/route';

export const POST = route(answer);
