export { searchOrder, type Place, type SearchOrder } from './searchOrder';
export { PLACE_FACTS, TRANSFORMER_PLACES, type HouseClues, type TransformerPlace } from './transformerPlaces';
export { WITHOUT_IT, transformerSearch, type PlaceLeft, type TransformerSearch } from './transformerSearch';
export type { SearchSayings } from './sayings';
