export { GET } from '@/features/work/photo';
