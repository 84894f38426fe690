import { BackupTrouble } from '../backup/trouble';
import { HttpProblem } from '../http/problems';

/** Waits for a backup; why none could be taken is a lead's to know. */
export async function backedUp(backup: Promise<string>): Promise<string> {
  try {
    return await backup;
  } catch (error) {
    if (error instanceof BackupTrouble) throw new HttpProblem(503, { code: 'unavailable', message: error.message });
    throw error;
  }
}
