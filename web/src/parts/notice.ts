import { createContext, use } from 'react';

export interface Notice {
  readonly text: string;
  readonly undo?: () => void;
}

export const NoticeContext = createContext<{ readonly tell: (notice: Notice | null) => void }>({
  tell: () => undefined,
});

/** The way to tell what was done. */
export const useNotice = () => use(NoticeContext).tell;
