import { exportFormulas } from '@/features/blends/routes';
import { route } from '@/web/route';

export const GET = route(exportFormulas);
