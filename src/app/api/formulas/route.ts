export { exportFormulas as GET } from '@/features/blends/routes';
