/**
 * What a content is: whether two values say the same, and a text without what nobody can see in it. A store may turn
 * the keys of an object around, so texts of JSON are never compared; lists keep their order, and their order counts.
 */
export { canonicalText, sameContent } from './canonicalText';
export { seenText, seenTexts } from './seenText';
