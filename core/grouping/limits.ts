/** Groups a teacher can get round to in a lesson. */
export const MOST_GROUPS = 4;
/** Children of a group, fewest and most. */
export const FEWEST_IN_GROUP = 2;
export const GROUP_SIZE = 6;
