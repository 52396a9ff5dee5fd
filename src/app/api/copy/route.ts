export { GET } from '@/features/shop/copy-route';
