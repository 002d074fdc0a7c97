import { createContext, use } from 'react';

export interface Notice {
  readonly text: string;
  /** What the browser says of an error that no one foresaw. */
  readonly details?: string | null;
  readonly undo?: () => void;
  /** What failed can be tried once more. */
  readonly again?: () => Promise<void>;
  /** Something was not saved: said at once, also to those who listen. */
  readonly alarm?: boolean;
}

export const NoticeContext = createContext<{ readonly tell: (notice: Notice | null) => void }>({
  tell: () => undefined,
});

/** The way to tell what was done. */
export const useNotice = () => use(NoticeContext).tell;
