import { Toast } from "radix-ui";
import { type ReactNode, useCallback, useState } from "react";

import { type Notice, NoticeContext } from "./notices";

interface Shown extends Notice {
  id: number;
}

export function NoticeBoard({ children }: { children: ReactNode }) {
  const [shown, setShown] = useState<Shown[]>([]);
  const say = useCallback(
    (notice: Notice) =>
      setShown((all) => [...all.slice(-2), { ...notice, id: Date.now() + Math.random() }]),
    [],
  );
  return (
    <NoticeContext.Provider value={say}>
      <Toast.Provider swipeDirection="right" duration={6000}>
        {children}
        {shown.map((notice) => (
          <Toast.Root
            key={notice.id}
            onOpenChange={(open) => {
              if (!open) setShown((all) => all.filter((earlier) => earlier.id !== notice.id));
            }}
            className={`flex items-center justify-between gap-4 border-2 bg-sheet px-4 py-2 shadow-lg ${notice.bad ? "border-mark" : "border-ink"}`}
          >
            <Toast.Description>{notice.text}</Toast.Description>
            {notice.undo && (
              <Toast.Action altText="Undo" asChild>
                <button
                  type="button"
                  className="min-h-11 px-2 font-semibold text-pencil hover:underline"
                  onClick={notice.undo}
                >
                  Undo
                </button>
              </Toast.Action>
            )}
          </Toast.Root>
        ))}
        <Toast.Viewport className="fixed top-14 right-3 z-50 flex w-[24rem] max-w-[calc(100vw-24px)] flex-col max-sm:top-12 gap-2 outline-none print:hidden" />
      </Toast.Provider>
    </NoticeContext.Provider>
  );
}
