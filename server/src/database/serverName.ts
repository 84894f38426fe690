/** By which PostgreSQL knows the connections of a server; each server adds what is its own. */
export const SERVER_NAME = 'bent-pail';
