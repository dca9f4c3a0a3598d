import "./index.css";

import { QueryClientProvider } from "@tanstack/react-query";
import { StrictMode } from "react";
import { createRoot } from "react-dom/client";
import { BrowserRouter } from "react-router";

import { ProblemError } from "./api/client";
import { known } from "./api/stale";
import { KeyBoard } from "./app/KeyBoard";
import { App } from "./app/App";
import { applyTheme } from "./app/theme";
import { HatchDefinitions } from "./drawing/Hatches";
import { NoticeBoard } from "./ui/NoticeBoard";

applyTheme();

known.setDefaultOptions({
  // The kitchen is on this machine: it answers without a network, too.
  mutations: { networkMode: "always" },
  queries: {
    networkMode: "always",
    refetchOnWindowFocus: true,
    retry: (failures, error) =>
      failures < 3 && !(error instanceof ProblemError && error.status >= 400),
  },
});

const root = document.getElementById("root");
if (root) {
  createRoot(root).render(
    <StrictMode>
      <QueryClientProvider client={known}>
        <BrowserRouter>
          <NoticeBoard>
            <KeyBoard>
              <HatchDefinitions />
              <App />
            </KeyBoard>
          </NoticeBoard>
        </BrowserRouter>
      </QueryClientProvider>
    </StrictMode>,
  );
}
