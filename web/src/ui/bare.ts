/**
 * An answer without what makes no difference to the eye: 6h85 is 6 h 85 min. A point between digits and a missing unit do
 * make one: those are judged by the server.
 */
export const bare = (text: string): string =>
  text
    .toLowerCase()
    .replace(/[\s\u00a0]|(?<!\d)\.|\.(?!\d)/g, '')
    .replace(/hours?|hrs?/g, 'h')
    .replace(/minutes?|mins?/g, 'm')
    .replace(/(h\d+)m$/, '$1');
