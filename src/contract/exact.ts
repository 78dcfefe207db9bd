import { object, type ObjectShape } from 'yup';

/** An object that is there and refuses fields it does not name. */
export const exact = <S extends ObjectShape>(shape: S) => object(shape).noUnknown().default(undefined).defined();
