/** Where the demo notebook is kept, and by whom; the first is its lead, who opens it with one click. */
export const DEMO_PLACE = 'Tollgarth';
export const DEMO_PEOPLE = [
  { name: 'Isla Brandreth', role: 'lead' },
  { name: 'Tam Oswin', role: 'tester' },
  { name: 'Wyn Harker', role: 'panellist' },
  { name: 'Petra Lund', role: 'panellist' },
  { name: 'Visitor', role: 'reader' },
] as const;
