import { useLocation } from 'react-router';

/** Part of the sentence with which a sheet is opened, and for whom the blend is said to be. */
export interface OpenedWith {
  readonly opens: 'Container' | 'Person' | 'Place' | 'Strength' | 'Carrier';
  readonly who?: 'me' | 'someone' | 'child' | 'anyone';
}

const isOpenedWith = (state: unknown): state is OpenedWith =>
  typeof state === 'object' && state !== null && 'opens' in state;

/** With what a sheet was opened from the first page; null where it was not. */
export const useOpenedWith = (): OpenedWith | null => {
  const state: unknown = useLocation().state;
  return isOpenedWith(state) ? state : null;
};
