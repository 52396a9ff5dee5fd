export { GET } from '@/features/shop/clock-route';
export const dynamic = 'force-dynamic';
