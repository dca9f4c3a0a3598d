import { lazy, Suspense } from "react";
import { Route, Routes } from "react-router";

import { OverviewPage } from "../pages/overview/OverviewPage";
import { Empty, Loading } from "../ui/States";
import { Shell } from "./Shell";

const DishPage = lazy(() => import("./DishPage"));
const ShelfPage = lazy(() => import("../pages/shelf/ShelfPage"));
const ComparePage = lazy(() => import("../pages/compare/ComparePage"));
const ClaimPage = lazy(() => import("../pages/claims/ClaimPage"));
const FilesPage = lazy(() => import("../pages/shelffiles/FilesPage"));
const BlindPage = lazy(() => import("../pages/blind/BlindPage"));
const CupsPage = lazy(() => import("../pages/blind/CupsPage"));
const KeepersPage = lazy(() => import("../pages/keepers/KeepersPage"));
const SettingsPage = lazy(() => import("../pages/settings/SettingsPage"));

export function App() {
  return (
    <Shell>
      <Suspense fallback={<Loading />}>
        <Routes>
          <Route path="/" element={<OverviewPage />} />
          <Route path="/dishes/:dishId/:stage?" element={<DishPage />} />
          <Route path="/shelf/compare" element={<ComparePage />} />
          <Route path="/shelf/files" element={<FilesPage />} />
          <Route path="/claims" element={<ClaimPage />} />
          <Route path="/shelf/:foodId?" element={<ShelfPage />} />
          <Route path="/blind/:testId" element={<BlindPage />} />
          <Route path="/blind/:testId/cups" element={<CupsPage />} />
          <Route path="/keepers" element={<KeepersPage />} />
          <Route path="/settings" element={<SettingsPage />} />
          <Route
            path="*"
            element={
              <Empty title="There is no such page">
                <p>Perhaps the dish was renamed. Everything that there is starts in the Kitchen.</p>
              </Empty>
            }
          />
        </Routes>
      </Suspense>
    </Shell>
  );
}
