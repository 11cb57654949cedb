export { inWords, readOut } from './words';
export {
  MOST_ITEMS,
  MOST_SETS,
  quickSheets,
  type QuickAsked,
  type QuickItem,
  type QuickSheets
} from './quick';
