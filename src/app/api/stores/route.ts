export { exportStores as GET } from '@/features/stores/routes';
