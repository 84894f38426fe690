/** A database that cannot be opened, in words for whoever started the program. */
export class DatabaseRefused extends Error {}
