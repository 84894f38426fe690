// A language that nobody speaks: English with every letter changed and some drawn out, still to be read. What stays plain
// on a page has escaped from the catalogue.
const PLAIN = 'abcdefghijklmnopqrstuvwxyzABCDEFGHIJKLMNOPQRSTUVWXYZ';
const CHANGED = 'àƀćďéƒĝĥíĵķļɱñöþǫŕšťûṽŵẋýžÀƁĆĎÉƑĜĤÍĴĶĻṀÑÖÞǪŔŠŤÛṼŴẊÝŽ';
const LETTERS = Array.from(CHANGED);

/** An English text in the language that nobody speaks. */
export const pseudo = (text) => Array.from(text, (one) => LETTERS[PLAIN.indexOf(one)] ?? one).join('');
