import { placesOf, type Brief } from '../brief';
import { onPlaceWords } from './brief';
import { formatList } from './numbers';

/** All places that it goes to, in a sentence: `the wrists and neck and the face`. */
export const onPlacesWords = (brief: Pick<Brief, 'place' | 'alsoOn'>): string =>
  formatList(placesOf(brief).map(onPlaceWords));
