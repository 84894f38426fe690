/** A backup that cannot be taken or restored, in words for whoever asked for it. */
export class BackupTrouble extends Error {}
