/** The house's facts and judgements, counted: a shop that was gone through with an older count is gone through again. */
export const FACTS_VERSION = 3;
