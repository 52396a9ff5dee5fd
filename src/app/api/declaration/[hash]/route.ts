import { showDeclaration } from '@/features/stores/routes';
import { route } from '@/web/route';

export const GET = route(showDeclaration);
