import { customType } from 'drizzle-orm/sqlite-core';
import type { z } from 'zod';

/** A column of JSON text that is parsed by its shape when it is read, and never cast: what does not fit is said at once, and not where it is used. */
export const json = <T>(name: string, shape: z.ZodType<T>) =>
  customType<{ data: T; driverData: string }>({
    dataType: () => 'text',
    toDriver: (value) => JSON.stringify(value),
    fromDriver: (text) => shape.parse(JSON.parse(text)),
  })(name);
