import { shopCalendar } from '@/features/care/routes';
import { route } from '@/web/route';

export const GET = route(shopCalendar);
