/** Share of answers that slip: never taken smaller than children's real slips. */
export const SLIP = 0.12;
