/** For every group, whatever it does with stuff. */
export const TABLE_WORDS = ['newspaper or a tray under everything', 'a cloth', 'gloves and goggles for everybody'];
