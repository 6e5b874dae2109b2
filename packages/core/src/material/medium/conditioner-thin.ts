import { parts, type StockMedium } from './define';

export const conditionerThin: StockMedium = {
  id: 'conditioner-thin',
  name: 'Conditioner, thin type',
  basis: 'volume',
  of: parts(['conditioner-thin', 1]),
  goodFor: 'Activators: it runs like milk and breaks open what it is dragged over.',
};
