import { exportTrial } from '@/features/trials/routes';
import { route } from '@/web/route';

export const GET = route(exportTrial);
