/**
 * In the shop, with nothing but what is printed: which pack to take, what would change that, what to ask.
 * Everything rests on labels and says so; one pack is opened before many are bought.
 */
export { SHOP_QUESTIONS, shopQuestions, type ShopQuestion } from './questions';
export { shopDesk, type ShopDeskInput, type ShopVerdict } from './shopDesk';
