import { askAgain } from '../shared/resources/client';
import { groupQuery } from '../shared/resources/group';

/** Hears what the group's other phone did, and when the class is revealed or over. Returns how to stop. */
export function listenForGroup(): () => void {
  const source = new EventSource('/api/group/live');
  source.addEventListener('group', () => {
    void askAgain(groupQuery.queryKey);
  });
  return () => {
    source.close();
  };
}
