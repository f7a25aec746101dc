import { createContext } from 'react';
import type { PersonView } from '../api/schema';

/** Whose page this is: also while their session has run out and they sign in again over it. */
export const KnownPerson = createContext<PersonView | undefined>(undefined);
