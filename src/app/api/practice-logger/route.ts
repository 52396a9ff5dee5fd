export { GET } from '@/features/cure/practice-logger';
