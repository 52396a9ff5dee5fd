export { showDeclaration as GET } from '@/features/stores/routes';
