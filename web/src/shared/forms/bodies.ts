/** The contract's bodies with the rules that the server holds them to; loaded with the first form that is opened. */
// oxlint-disable-next-line no-restricted-imports -- This file alone is fetched apart from the page's first script.
export {
  ChangePassword,
  EditLot,
  EditNotebook,
  NewInstrument,
  NewLot,
  NewUser,
  OwnPlant,
  StockCount,
} from '@bent-pail/contract';
