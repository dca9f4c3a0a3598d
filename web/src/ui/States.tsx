import type { ReactNode } from "react";

import { sentence } from "../api/client";
import { Button } from "./Button";

export function Loading() {
  return (
    <p className="p-6 text-soft" role="status">
      One moment…
    </p>
  );
}

export function Failed({ error, retry }: { error: unknown; retry?: () => void }) {
  return (
    <div className="p-6" role="alert">
      <p className="font-semibold text-mark">{sentence(error)}</p>
      {retry && (
        <Button className="mt-3" onClick={retry}>
          Try again
        </Button>
      )}
    </div>
  );
}

export function Empty({ title, children }: { title: string; children: ReactNode }) {
  return (
    <div className="grid max-w-prose gap-3 p-6">
      <h1 className="text-lg font-bold">{title}</h1>
      {children}
    </div>
  );
}
