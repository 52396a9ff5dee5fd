import { labelResponse } from '@/features/pour/label-routes';
import { route } from '@/web/route';

export const GET = route(labelResponse);
