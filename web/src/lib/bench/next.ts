/** Where a visit remembers that a pack came from a first wall, so that what comes next is named once. */
export const FIRST_WALL = 'rampart.first-wall.';
