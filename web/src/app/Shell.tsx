import type { ReactNode } from "react";
import { NavLink, useLocation } from "react-router";

import { useHealth } from "../api/queries";
import { JumpBox } from "./JumpBox";
import { OnTheWay } from "./OnTheWay";
import { useTheme } from "./theme";
import { useKeptFocus } from "./useKeptFocus";
import { NewTimer, TimerBar } from "./Timers";

const PLACES = [
  { to: "/", name: "Kitchen" },
  { to: "/shelf", name: "Shelf" },
  { to: "/claims", name: "Numbers" },
  { to: "/settings", name: "Settings" },
];

/** The thin top bar, and the page under it. */
export function Shell({ children }: { children: ReactNode }) {
  useKeptFocus(useLocation().pathname);
  return (
    <>
      <a href="#page" className="absolute -top-20 left-2 z-50 bg-sheet px-3 py-2 focus:top-2">
        Skip to the page
      </a>
      <header className="flex h-12 items-center gap-4 border-b border-ink bg-sheet px-4 max-sm:gap-1 max-sm:px-1 print:hidden">
        <NavLink to="/" className="font-mono text-[15px] font-bold tracking-[0.18em] max-md:hidden">
          GASKET
        </NavLink>
        <nav aria-label="Places" className="flex h-full">
          {PLACES.map((place) => (
            <NavLink
              key={place.to}
              to={place.to}
              end={place.to === "/"}
              className={({ isActive }) =>
                `grid h-full min-w-11 place-items-center px-3 max-sm:px-1.5 max-sm:text-[15px] ${isActive ? "bg-ink text-sheet" : "hover:bg-wash"}`
              }
            >
              {place.name}
            </NavLink>
          ))}
        </nav>
        <JumpBox />
        <DemoMark />
        <NewTimer />
        <ThemeSwitch />
      </header>
      <TimerBar />
      <OnTheWay />
      <main id="page" tabIndex={-1} className="outline-none mx-auto max-w-[1500px] p-4 max-sm:p-0">
        {children}
      </main>
    </>
  );
}

function DemoMark() {
  const { data, isError } = useHealth();
  if (isError) return <span className="text-sm text-mark">The kitchen does not answer</span>;
  return data?.demo ? (
    <span className="ml-auto border border-rule px-2 py-0.5 text-sm whitespace-nowrap text-soft max-lg:hidden">
      demo kitchen
    </span>
  ) : (
    <span className="ml-auto" />
  );
}

function ThemeSwitch() {
  const { theme, toggle } = useTheme();
  const other = theme === "light" ? "Dark" : "Light";
  return (
    <button
      type="button"
      onClick={toggle}
      aria-label={`${other} theme`}
      title={`${other} theme`}
      className="grid size-11 shrink-0 place-items-center hover:bg-wash"
    >
      <svg width="18" height="18" aria-hidden="true">
        <rect
          x="1.5"
          y="1.5"
          width="15"
          height="15"
          fill="none"
          stroke="var(--ink)"
          strokeWidth="1.5"
        />
        <path d="M1.5 16.5L16.5 1.5V16.5Z" fill="var(--ink)" />
      </svg>
    </button>
  );
}
