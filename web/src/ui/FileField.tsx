import type { ReactNode } from "react";

interface FileFieldProps {
  accept: string;
  onFile: (file: File) => void;
  className?: string;
  children: ReactNode;
}

/** Choose a file; the same one may be chosen again after it has been mended. */
export function FileField({ accept, onFile, className = "", children }: FileFieldProps) {
  return (
    <label className={`grid gap-1 text-soft ${className}`}>
      {children}
      <input
        type="file"
        accept={accept}
        onChange={(event) => {
          const file = event.target.files?.[0];
          event.target.value = "";
          if (file) onFile(file);
        }}
        className="min-h-11 text-ink file:mr-3 file:min-h-11 file:border file:border-ink file:bg-sheet file:px-3.5 file:font-semibold"
      />
    </label>
  );
}
