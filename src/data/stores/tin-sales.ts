import 'server-only';
import { sql } from 'drizzle-orm';
import { tinSale } from '../schema';

/** Sales of tins that were not taken back. */
export const tinSaleStands = sql`not exists (select 1 from tin_sale_struck s where s.tin_sale_id = ${tinSale.id})`;
