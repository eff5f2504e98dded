/** Lookup: one field that finds anything in a home, and what can be begun or printed. */
export {
  AnythingSearch,
  FOUND_KINDS,
  type Findable,
  type Found,
  type FoundKind,
  type Places,
} from './anything.ts';
