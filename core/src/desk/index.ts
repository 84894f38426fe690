/**
 * The blend desk: a recipe in loose parts of lots becomes a predicted blend in a pot.
 * Each figure carries its working and stands beside the plain average of the parts.
 * The same function runs in the browser as sliders move and on the server when a version is kept.
 */
export { COMPONENT_DOUBT, measuredOf } from './measuredOf';
export {
  deskBlendInput,
  predictDesk,
  type DeskFigure,
  type DeskInput,
  type DeskLine,
  type DeskResult,
} from './predict';
export { deskBandsInput, deskSearchInput, windowsOf, type DeskSearch } from './uncertainDesk';
