export { shopCalendar as GET } from '@/features/care/routes';
