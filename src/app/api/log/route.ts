export { POST } from '@/features/work/log-route';
