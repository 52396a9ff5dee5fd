export { labelResponse as GET } from '@/features/pour/label-routes';
