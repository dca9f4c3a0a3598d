import { createContext, useContext } from "react";

export interface Notice {
  text: string;
  undo?: () => void;
  bad?: boolean;
}

export const NoticeContext = createContext<(notice: Notice) => void>(() => undefined);

/** Say something in passing, with an undo where there is one. */
export const useNotice = () => useContext(NoticeContext);
