/** Two years of looks are written down; the slip shows the first of them. */
export const CARE_HORIZON_DAYS = 730;
