export { exportTrace as GET } from '@/features/stores/routes';
