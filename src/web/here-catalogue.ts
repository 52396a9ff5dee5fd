import { type Catalogue, SHIPPED } from '@/core/material';
import { BASE_READS } from '@/core/quantity';
import { type Here, here } from './here';

/** Before a shop is set up. */
export const NO_SHOP: Here = { reads: BASE_READS, catalogue: SHIPPED };

/** What the shop of this request or tab reckons with. Apart from its units, so that a page that shows only those loads no ingredients. */
export const catalogue = (): Catalogue => here()?.catalogue ?? SHIPPED;
